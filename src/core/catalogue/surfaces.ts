import { meaningsOf } from './meaning';
import type { SourceKey } from './sources';
import type { LimitOf, Surface, SurfaceGroup, SurfaceHarm, Tolerance, Weakness } from './surface';

export type { Surface, SurfaceGroup } from './surface';

const limit = (of: LimitOf) => (at: number, minutes: number, harm: SurfaceHarm, reason: string, source: SourceKey = 'common-practice'): Tolerance => ({ of, limit: at, minutes, harm, reason, source });
const acid = limit('acid');
const alkali = limit('alkali');
const oxidiser = limit('oxidiser');
const alcohol = limit('alcohol');
const oil = limit('oil');
const fattyOil = limit('fatty-oil');
const grains = limit('grains');
const water = (minutes: number, harm: SurfaceHarm, reason: string): Tolerance => limit('water')(0, minutes, harm, reason);
const heat = limit('heat');
const weak = (traits: Weakness['traits'], minutes: number, harm: SurfaceHarm, reason: string, source: SourceKey = 'common-practice'): Weakness => ({ traits, minutes, harm, reason, source });

/** Loose grains up to so many Mohs do no harm; what is harder scratches. */
const upToMohs = (mohs: number): Tolerance => grains(mohs, 0, 'scratches', 'Grains harder than the surface scratch it.', 'mohs-crc');
const noGrains = grains(0, 0, 'scratches', 'Any grain leaves its trace here.');

interface Row {
  readonly group: SurfaceGroup;
  readonly names?: readonly string[];
  readonly limits?: readonly Tolerance[];
  readonly weaknesses?: readonly Weakness[];
  readonly keepOut?: Surface['keepOut'];
  readonly ignites?: boolean;
  readonly drains?: boolean;
  readonly schools?: Surface['schools'];
  readonly manner: string;
}

const surface = (id: string, name: string, row: Row): Surface => ({
  id,
  name,
  names: row.names ?? [],
  group: row.group,
  limits: row.limits ?? [],
  weaknesses: row.weaknesses ?? [],
  keepOut: row.keepOut ?? null,
  ignites: row.ignites ?? false,
  drains: row.drains ?? false,
  schools: row.schools ?? [],
  manner: row.manner,
});

/** What drinks oil keeps it. */
const drinksOil = (harm: SurfaceHarm = 'etches-stone'): readonly Tolerance[] => [
  oil(0.5, 0, harm, 'It drinks oils: a dark stain that stays.'),
  fattyOil(0.5, 0, harm, 'It drinks oils: a dark stain that stays.'),
];
/** Oils stay on what cannot be washed off with suds: a ring that gathers dirt. */
const oilRing = (harm: SurfaceHarm): readonly Tolerance[] => [
  oil(0.5, 0, harm, 'Oil leaves a ring that gathers dirt.'),
  fattyOil(0.5, 0, harm, 'Oil leaves a ring that gathers dirt.'),
];

const CALCITE = 'Its calcite dissolves in acid: a dull, rough patch that no cleaning brings back.';
const noBleachOn = (what: string): Tolerance => limit('hypochlorite')(0, 0, 'corrodes-metal', `Hypochlorite pits ${what}.`, 'sds-memory');

/** Envelopes of a kind that several surfaces share. */
const CARBONATE_STONE = [
  acid(6, 0, 'etches-stone', CALCITE, 'geology'),
  alkali(10, 30, 'etches-stone', 'Strong alkali roughens the polish.'),
  oxidiser(3.5, 15, 'bleaches-colour', 'Strong peroxide lightens coloured veins.'),
  ...drinksOil(),
  upToMohs(2.5),
  water(60, 'strips-finish', 'Standing water ages the seal and leaves rings.'),
];
const POROUS_STONE = [
  acid(6, 1, 'etches-stone', 'Acid opens the pores and lifts minerals.'),
  alkali(10, 15, 'etches-stone', 'Strong alkali leaves salts in the pores.'),
  oxidiser(3.5, 15, 'bleaches-colour', 'Strong peroxide lightens it in patches.'),
  ...drinksOil(),
  upToMohs(2),
];

/** Mohs figures: CRC Handbook for minerals and metals; the rest common practice. */
export const SURFACES: readonly Surface[] = [
  surface('marble', 'Marble', { group: 'stone', names: ['worktop', 'counter', 'countertop', 'hearth', 'polished marble', 'marble worktop'], limits: CARBONATE_STONE, manner: 'Soft damp cloth, then dry: no circles of a scourer.' }),
  surface('limestone', 'Limestone', { group: 'stone', names: ['jura'], limits: CARBONATE_STONE, manner: 'Soft damp cloth, then dry.' }),
  surface('travertine', 'Travertine', { group: 'stone', limits: CARBONATE_STONE, manner: 'Soft damp cloth; a soft brush in its holes; dry.' }),
  surface('terrazzo', 'Terrazzo', { group: 'stone', names: ['terrazzo (cement)'], limits: CARBONATE_STONE, manner: 'Wrung mop, plain water after it, dry.' }),
  surface('concrete', 'Concrete', {
    group: 'stone', names: ['cement floor', 'screed', 'cement'],
    limits: [acid(6, 0, 'etches-stone', 'Acid dissolves the cement that holds it together.', 'geology'), alkali(10, 30, 'etches-stone', 'Strong alkali leaves salts in the pores.'), oxidiser(3.5, 15, 'bleaches-colour', 'Strong peroxide lightens it in patches.'), ...drinksOil(), upToMohs(2.5)],
    manner: 'Stiff brush, wet it first, rinse well.',
  }),
  surface('granite-sealed', 'Granite, sealed', {
    group: 'stone', names: ['worktop', 'counter', 'countertop', 'granite', 'granite worktop', 'sealed granite'],
    limits: [acid(6, 1, 'etches-stone', 'Acid wears the sealer and dulls some of its minerals.'), alkali(10, 15, 'strips-finish', 'Alkali above pH 10 wears the sealer.'), alcohol(30, 5, 'strips-finish', 'Alcohol over 30 % lifts the sealer.'), oxidiser(3.5, 15, 'bleaches-colour', 'Strong peroxide lightens it.'), ...drinksOil(), upToMohs(2.5), water(60, 'strips-finish', 'Standing water finds the gaps in the seal.')],
    schools: [{ school: 'vinegar-on-granite', choice: 'dilute', of: 'acid', limits: [acid(4, 5, 'etches-stone', 'Acid wears the sealer: dilute, brief, rinsed.')] }],
    manner: 'Soft cloth, soap and water, dry to a shine.',
  }),
  surface('granite-unsealed', 'Granite, bare', {
    group: 'stone', names: ['worktop', 'counter', 'countertop', 'unsealed granite'],
    limits: [...POROUS_STONE], manner: 'Damp cloth, dry at once; have it sealed.',
  }),
  surface('slate', 'Slate or sandstone', { group: 'stone', names: ['floor', 'worktop', 'counter', 'countertop', 'slate', 'sandstone', 'slate floor', 'slate worktop', 'hearth'], limits: POROUS_STONE, manner: 'Soft brush with the layers, damp cloth, dry.' }),
  // Talc and magnesite: acid does nothing to it, any scourer does (Mohs 1, CRC Handbook).
  surface('soapstone', 'Soapstone', { group: 'stone', names: ['worktop', 'counter', 'countertop', 'steatite', 'soapstone worktop'], limits: [alkali(12, 60, 'etches-stone', 'Very strong alkali dulls it.'), upToMohs(1)], manner: 'Damp cloth, dry; a trace of mineral oil where it is kept oiled.' }),
  surface('engineered-quartz', 'Engineered quartz', {
    group: 'stone', names: ['worktop', 'counter', 'countertop', 'quartz', 'quartz worktop', 'composite stone'],
    limits: [acid(4, 10, 'damages-coating', 'Acid dulls the resin that binds it: brief and dilute.'), alkali(10, 15, 'damages-coating', 'Strong alkali dulls the resin.'), limit('hypochlorite')(0, 0, 'damages-coating', 'Hypochlorite dulls and yellows the resin.'), alcohol(70, 5, 'damages-coating', 'Strong alcohol softens the resin: brief.'), upToMohs(2.5), heat(80, 0, 'damages-coating', 'Its resin cracks and yellows from heat.')],
    manner: 'Soft cloth; plastic scraper laid flat.',
  }),

  surface('glazed-tile', 'Glazed tile', {
    group: 'tile', drains: true, names: ['floor', 'hearth', 'sink', 'basin', 'washbasin', 'china sink', 'ceramic tile', 'porcelain tile', 'tiles', 'tile', 'glazed ceramic', 'porcelain'],
    limits: [acid(3, 480, 'damages-coating', 'Neat acid left for hours dulls a glaze.'), alkali(12, 60, 'damages-coating', 'Very strong alkali dulls a glaze.'), upToMohs(3)],
    manner: 'From the top down, S-strokes in sections; circles on the stubborn.',
  }),
  surface('unglazed-tile', 'Unglazed or encaustic tile', {
    group: 'tile', names: ['encaustic tile', 'terracotta', 'cotto', 'cement tile'],
    limits: [acid(6, 0, 'etches-stone', 'Acid eats the lime and cement of such tiles, and takes colour out of bare clay.', 'geology'), alkali(10, 15, 'etches-stone', 'Strong alkali leaves salts in the pores.'), ...drinksOil(), oxidiser(3.5, 15, 'bleaches-colour', 'Strong peroxide lightens it.'), upToMohs(2.5)],
    manner: 'Wet it first, soft brush, wrung cloth.',
  }),
  surface('quarry-tile', 'Quarry tile', {
    group: 'tile', names: ['floor', 'quarry tiles', 'quarry tile floor'],
    limits: [acid(3, 15, 'etches-stone', 'Strong acid dulls the face of the clay: brief and dilute.'), alkali(12, 60, 'etches-stone', 'Very strong alkali leaves salts in the pores.'), upToMohs(3)],
    manner: 'Wrung mop, then plain water, dry.',
  }),
  surface('cement-grout', 'Cement grout', {
    group: 'tile', drains: true, names: ['grout', 'tile grout', 'grout lines'],
    limits: [acid(6, 15, 'etches-stone', 'Acid eats the cement a little each time: brief, dilute, sealed grout only, rinsed, not again and again.', 'geology'), alkali(12, 60, 'etches-stone', 'Very strong alkali weakens the seal.'), upToMohs(2.5)],
    manner: 'Wet it first; a stiff narrow brush along the line.',
  }),
  surface('epoxy-grout', 'Epoxy grout', { group: 'tile', drains: true, limits: [alcohol(40, 5, 'damages-coating', 'Strong alcohol softens epoxy.'), upToMohs(2.5)], manner: 'Brush along the line.' }),
  surface('silicone-sealant', 'Silicone sealant', { group: 'tile', names: ['silicone', 'caulk', 'sealant', 'shower seal'], limits: [upToMohs(2.5)], manner: 'Soft brush. Mould inside it does not lift: cut it out and renew it.' }),

  surface('glass', 'Glass', {
    group: 'glass', names: ['glasses', 'window', 'plain glass', 'shower screen', 'windows', 'shower glass'],
    limits: [alkali(10, 10, 'damages-coating', 'Alkali left to dry etches glass: brief, then rinse.'), upToMohs(2.5), heat(70, 0, 'damages-coating', 'Boiling water on cold glass cracks it.')],
    manner: 'S-strokes from the top; squeegee or a dry cloth across the light.',
  }),
  surface('stove-glass', 'Stove glass', {
    group: 'glass', names: ['stove', 'stove door', 'fire glass', 'wood burner glass', 'stove door glass'], ignites: true,
    limits: [acid(4, 10, 'damages-coating', 'Acid attacks the door’s rope and enamel, and does nothing for soot.'), upToMohs(3), alkali(12.5, 30, 'damages-coating', 'Very strong alkali dulls the ceramic.')],
    manner: 'Cold door only; damp paper dipped in fine ash, or soda paste; never steel wool.',
  }),
  surface('mirror', 'Mirror', {
    group: 'glass', names: ['mirrors', 'looking glass'],
    limits: [acid(6, 1, 'attacks-silvering', 'Acid that creeps round the edge attacks the silvering: spray the cloth, never the mirror.'), alkali(9, 1, 'attacks-silvering', 'Alkali that creeps round the edge attacks the silvering.'), limit('hypochlorite')(0, 0, 'attacks-silvering', 'Hypochlorite blackens the silvering.'), oxidiser(1, 1, 'attacks-silvering', 'Peroxide that creeps round the edge attacks the silvering.'), noGrains],
    weaknesses: [weak(['ammonia-source'], 0, 'attacks-silvering', 'Ammonia blackens the silvering from the edges.')],
    schools: [{ school: 'vinegar-on-mirrors', choice: 'fine', of: 'acid', limits: [acid(6, 5, 'attacks-silvering', 'Acid creeps behind the silver where it stands: wipe at once.')] }],
    manner: 'Spray the cloth, not the mirror; wipe, then buff dry, off the edges.',
  }),
  surface('coated-screen', 'Coated screen or spectacle lens', {
    group: 'glass', names: ['glasses', 'screen', 'spectacles', 'lens', 'television', 'phone screen', 'laptop screen'],
    keepOut: { harm: 'damages-coating', reason: 'Its coating comes off with acid, alkali, alcohol or grit; alcohol only if its maker says so.' },
    manner: 'Switched off; dry microfibre, or one breath of water on the cloth.',
  }),

  surface('stainless-steel', 'Stainless steel', {
    group: 'metal', drains: true, names: ['pan', 'worktop', 'counter', 'countertop', 'cutlery', 'basin', 'stainless', 'steel sink', 'sink', 'stainless sink'],
    limits: [acid(4, 30, 'corrodes-metal', 'Acid left standing dulls and pits it: rinse and dry.'), noBleachOn('stainless steel'), upToMohs(2.5)],
    weaknesses: [weak(['acid', 'chloride'], 10, 'corrodes-metal', 'Salt and acid together pit it.')],
    manner: 'Along the grain, soft pad; no steel wool; dry off.',
  }),
  surface('chrome', 'Chrome plate', {
    group: 'metal', drains: true, names: ['tap', 'faucet', 'chrome-plate', 'chrome fittings'],
    limits: [acid(4, 15, 'corrodes-metal', 'Acid creeps through pores of the plate: brief, dilute, rinsed.'), alkali(10, 30, 'corrodes-metal', 'Strong alkali dulls the plate.'), noBleachOn('what lies under chrome'), noGrains],
    manner: 'Soft cloth; dry to a shine.',
  }),
  surface('shower-head', 'Shower head or aerator', {
    group: 'metal', names: ['aerator', 'plumbing aerator', 'showerhead', 'shower rose'],
    limits: [acid(4, 150, 'corrodes-metal', 'Acid creeps through pores of the plate: an hour of neat vinegar, looked at, and once more if need be; a night only where the head is solid brass and its plate whole.'), noBleachOn('what lies under chrome'), noGrains],
    manner: 'Bag of vinegar tied over it, or taken off into a bowl; then a soft brush and a flush.',
  }),
  surface('aluminium', 'Aluminium', {
    group: 'metal', names: ['pan', 'window frame', 'aluminum', 'aluminium frame', 'alloy', 'aluminium pan', 'foil tray'],
    limits: [acid(4, 0, 'corrodes-metal', 'Acid eats its oxide skin: it pits and blackens.', 'crc-memory'), acid(6, 5, 'corrodes-metal', 'Weak acid clouds it: brief.'), alkali(9, 0, 'corrodes-metal', 'Alkali dissolves its oxide skin, then the metal: it blackens at once.', 'crc-memory'), alkali(8, 20, 'corrodes-metal', 'Soda left on it darkens it.'), noBleachOn('aluminium'), upToMohs(2)],
    manner: 'Soft cloth and dish soap; dry.',
  }),
  surface('cast-iron', 'Cast iron and carbon steel', {
    group: 'metal', names: ['pan', 'iron', 'carbon steel', 'cast iron pan', 'wok'],
    limits: [acid(6, 0, 'corrodes-metal', 'Acid strips the seasoning and rusts the iron.'), alkali(10, 15, 'strips-finish', 'Strong alkali strips the seasoning.'), noBleachOn('iron'), oxidiser(0.1, 0, 'corrodes-metal', 'Peroxide rusts bare iron.'), upToMohs(6), water(2, 'corrodes-metal', 'Water left on it rusts it: dry at once, then oil.')],
    manner: 'Salt or a brush on bare iron; dry over heat; a wipe of oil.',
  }),
  surface('knife', 'Knives', {
    group: 'metal', names: ['knife', 'kitchen knife', 'blade'],
    limits: [acid(4, 2, 'corrodes-metal', 'Acid spots the blade: wipe it off at once.'), noBleachOn('the blade'), upToMohs(2.5), water(10, 'corrodes-metal', 'Left in water the edge rusts and the handle swells.')],
    weaknesses: [weak(['chloride'], 5, 'corrodes-metal', 'Salt left on it pits the edge.')],
    manner: 'By hand, the edge away from you; dry at once.',
  }),
  surface('brass', 'Brass, copper or bronze, bare', {
    group: 'metal', names: ['tap', 'faucet', 'copper', 'bronze', 'brass lamp', 'porthole', 'bare brass'],
    limits: [acid(4, 10, 'corrodes-metal', 'Acid takes off tarnish, then turns brass pink: brief, then rinse.'), alkali(10, 10, 'corrodes-metal', 'Strong alkali stains it.'), noBleachOn('brass and copper'), oxidiser(1, 5, 'corrodes-metal', 'Peroxide spots it dark.'), upToMohs(2.5)],
    weaknesses: [weak(['ammonia-source'], 0, 'corrodes-metal', 'Ammonia cracks brass from within.', 'sds-memory')],
    manner: 'Soft cloth in straight strokes; rinse, dry at once.',
  }),
  surface('lacquered-brass', 'Brass, lacquered', {
    group: 'metal', names: ['tap', 'faucet', 'lacquered copper'],
    limits: [acid(6, 0, 'strips-finish', 'Acid gets under the lacquer: soap and water alone.'), alkali(9.5, 1, 'strips-finish', 'Alkali lifts the lacquer.'), alcohol(1, 0, 'strips-finish', 'Alcohol dissolves lacquer.'), noBleachOn('brass'), oxidiser(1, 1, 'strips-finish', 'Peroxide clouds the lacquer.'), noGrains],
    manner: 'Soft cloth, drop of dish soap, dry.',
  }),
  surface('silver', 'Silver and plate', {
    group: 'metal', names: ['cutlery', 'silver plate', 'silverware'],
    limits: [acid(5, 0, 'corrodes-metal', 'Acid does nothing for tarnish; with salt it creeps under worn plate.'), noBleachOn('silver'), oxidiser(1, 5, 'corrodes-metal', 'Peroxide darkens it.'), noGrains],
    weaknesses: [weak(['chloride'], 10, 'corrodes-metal', 'Salt spots silver.')],
    manner: 'Foil, soda and hot water for plain silver; never what is glued or darkened on purpose; rinse, buff.',
  }),

  surface('enamel', 'Oven enamel', {
    group: 'enamel', drains: true, names: ['pan', 'cooker', 'stove', 'porcelain enamel', 'oven interior', 'oven', 'hob pan', 'oven-enamel', 'oven door'], ignites: true,
    limits: [acid(4, 10, 'damages-coating', 'Acid dulls enamel: brief and dilute; old enamel never.'), alkali(11, 60, 'damages-coating', 'Very strong alkali dulls enamel.'), upToMohs(2.5)],
    manner: 'Cold; plastic scraper; no metal tools.',
  }),
  surface('bath-enamel', 'Bath of enamel', {
    group: 'enamel', drains: true, names: ['bath', 'tub', 'bathtub', 'shower tray', 'enamel bath', 'bath enamel', 'enamel tub', 'steel bath', 'enamelled bath'],
    limits: [acid(4, 5, 'damages-coating', 'Acid dulls enamel: brief and dilute; old enamel never.'), alkali(11, 60, 'damages-coating', 'Very strong alkali dulls enamel.'), upToMohs(2.5)],
    manner: 'Soft sponge in circles; rinse; no metal tools.',
  }),
  surface('old-enamel', 'Enamel, old or worn', {
    group: 'enamel', drains: true, names: ['bath', 'tub', 'bathtub', 'shower tray', 'worn enamel', 'antique bath'],
    limits: [acid(6, 0, 'damages-coating', 'Acid eats old enamel, which has no acid-proof glaze.'), alkali(11, 30, 'damages-coating', 'Strong alkali dulls it.'), upToMohs(2)],
    manner: 'Soft cloth; nothing that scours.',
  }),
  surface('oven-racks', 'Oven racks and steel trays', {
    group: 'enamel', names: ['oven rack', 'racks', 'baking tray', 'grill rack', 'oven tray'],
    limits: [acid(4, 60, 'corrodes-metal', 'Acid left on chromed wire starts rust.'), noBleachOn('steel'), upToMohs(5)],
    manner: 'Under hot water in a tub or bag; then a brush; not the aluminium ones.',
  }),
  surface('catalytic-liner', 'Self-cleaning or catalytic oven liner', {
    group: 'keep-out', names: ['catalytic liner', 'self-cleaning oven', 'pyrolytic liner'], ignites: true,
    keepOut: { harm: 'damages-coating', reason: 'Any cleaner clogs or strips the liner: it burns itself clean. Leave it alone.' },
    manner: 'Nothing: run its own programme, wipe ash with a damp cloth.',
  }),
  surface('oven-element', 'Oven element, gas port or fan opening', {
    group: 'keep-out', names: ['gas port', 'burner', 'heating element', 'fan opening', 'oven light'], ignites: true,
    keepOut: { harm: 'damages-coating', reason: 'Paste blocks and burns there: keep everything out.' },
    manner: 'Cover it; dry brush when cold.',
  }),
  surface('induction-hob', 'Glass-ceramic or induction hob', {
    group: 'glass', names: ['cooker', 'stove', 'hob', 'cooktop', 'glass-ceramic', 'ceramic hob', 'glass ceramic'], ignites: true,
    limits: [acid(3, 15, 'damages-coating', 'Strong acid dulls the print in time: brief.'), alkali(10, 20, 'damages-coating', 'Alkali left to dry marks the glass.'), upToMohs(2.5)],
    manner: 'Cold hob; soft pad; a blade made for it laid flat.',
  }),

  surface('acrylic', 'Acrylic or fibreglass', {
    group: 'plastic', drains: true, names: ['bath', 'tub', 'bathtub', 'shower tray', 'acrylic tray', 'fibreglass', 'fiberglass', 'acrylic bath', 'gel coat'],
    limits: [acid(3, 30, 'crazes-plastic', 'Strong acid dulls it in time: dilute and brief.'), alkali(10, 20, 'crazes-plastic', 'Strong alkali dulls it.'), alcohol(10, 0, 'crazes-plastic', 'Alcohol over 10 % draws fine cracks in acrylic.'), oxidiser(3.5, 15, 'bleaches-colour', 'Strong peroxide yellows it.'), oil(1, 0, 'crazes-plastic', 'Oils, citrus above all, soften acrylic.'), fattyOil(1, 5, 'crazes-plastic', 'Oil that stays on it softens acrylic.'), upToMohs(2), heat(65, 0, 'crazes-plastic', 'Very hot water warps and crazes it.')],
    manner: 'Soft cloth; rinse; keep it dry until its turn.',
  }),
  surface('polystyrene', 'Polycarbonate or polystyrene', {
    group: 'plastic', names: ['polycarbonate', 'clear plastic', 'fridge drawer', 'plastic window', 'fridge shelf'],
    limits: [alkali(10, 5, 'crazes-plastic', 'Strong alkali attacks it.'), alcohol(1, 0, 'crazes-plastic', 'Alcohol draws cracks in it.'), oil(0.1, 0, 'crazes-plastic', 'Oils soften it.'), fattyOil(0.5, 0, 'crazes-plastic', 'Oil draws cracks in it.'), oxidiser(3.5, 15, 'crazes-plastic', 'Strong peroxide attacks it.'), noGrains, heat(70, 0, 'crazes-plastic', 'Boiling water warps it.')],
    manner: 'Soft cloth, dish soap, no pressure.',
  }),
  surface('vinyl-floor', 'Vinyl floor or PVC', {
    group: 'plastic', names: ['floor', 'window frame', 'vinyl', 'pvc floor', 'pvc', 'upvc'],
    limits: [acid(3, 15, 'strips-finish', 'Acid dulls the wear layer: dilute.'), alkali(9, 5, 'strips-finish', 'Alkali dulls and stiffens the wear layer.'), alcohol(20, 1, 'strips-finish', 'Alcohol lifts the finish: spots only.'), oil(1, 1, 'strips-finish', 'Oils soften PVC.'), oxidiser(3.5, 15, 'bleaches-colour', 'Strong peroxide lightens it.'), upToMohs(2), water(30, 'strips-finish', 'Water that stands creeps into the seams.')],
    manner: 'Wrung mop, far corner to the door.',
  }),
  surface('linoleum', 'Linoleum', {
    group: 'plastic', names: ['floor', 'lino', 'linoleum floor'],
    limits: [acid(3, 10, 'strips-finish', 'Strong acid dulls it.'), alkali(8.8, 0, 'strips-finish', 'Alkali breaks down the linseed oil that lino is made of.'), alcohol(5, 1, 'strips-finish', 'Alcohol lifts its finish.'), oxidiser(1, 5, 'bleaches-colour', 'Peroxide lightens it.'), upToMohs(2), water(15, 'swells-wood', 'Standing water swells its backing.')],
    manner: 'Well wrung mop, dish soap alone.',
  }),
  surface('laminate', 'Laminate', {
    group: 'plastic', names: ['floor', 'worktop', 'counter', 'countertop', 'laminate worktop', 'laminate floor', 'formica', 'melamine board'],
    limits: [acid(3, 15, 'strips-finish', 'Strong acid dulls it.'), alkali(10, 15, 'strips-finish', 'Strong alkali dulls it.'), upToMohs(2), water(10, 'swells-wood', 'Water at the seams swells the board.'), oxidiser(3.5, 15, 'bleaches-colour', 'Strong peroxide lightens it.')],
    manner: 'Damp cloth, off the seams; dry.',
  }),
  surface('rubber', 'Rubber seal or hose', {
    group: 'plastic', names: ['rubber seal', 'gasket', 'door seal', 'fridge seal', 'washing machine seal', 'hose'],
    limits: [acid(4, 5, 'hardens-rubber', 'Acid again and again hardens rubber.'), oxidiser(1, 5, 'hardens-rubber', 'Peroxide cracks rubber.'), limit('hypochlorite')(0, 0, 'hardens-rubber', 'Hypochlorite cracks rubber.'), alcohol(10, 1, 'hardens-rubber', 'Alcohol draws the softener out of rubber.'), oil(0.5, 0, 'hardens-rubber', 'Oils swell rubber.'), fattyOil(0.5, 0, 'hardens-rubber', 'Oils swell rubber.'), upToMohs(2.5)],
    manner: 'Cloth into the folds; dry them.',
  }),

  surface('varnished-wood', 'Varnished or sealed wood', {
    group: 'wood', names: ['hardwood floor', 'parquet', 'table', 'floor', 'worktop', 'counter', 'countertop', 'window frame', 'varnish', 'sealed wood', 'wood worktop', 'varnished worktop', 'lacquered wood'],
    limits: [acid(6, 0, 'strips-finish', 'Acid dulls and softens varnish. Cleaners disagree below 0.3 % acid; Biscuit takes the stricter side.'), alkali(8.5, 2, 'strips-finish', 'Alkali softens varnish.'), oxidiser(0.5, 1, 'bleaches-colour', 'Peroxide lightens wood through the varnish.'), alcohol(1, 0, 'strips-finish', 'Alcohol dissolves many varnishes.'), oil(1, 1, 'strips-finish', 'Strong oils soften varnish.'), noGrains, water(5, 'swells-wood', 'Water finds every crack in the varnish.')],
    schools: [{ school: 'vinegar-on-sealed-wood', choice: 'diluted', of: 'acid', limits: [acid(3.25, 1, 'strips-finish', 'Only well diluted, under 0.3 % acid: this is stronger.')] }],
    manner: 'Barely damp cloth with the grain; dry after it.',
  }),
  surface('waxed-wood', 'Waxed, oiled or bare wood', {
    group: 'wood', names: ['hardwood floor', 'parquet', 'table', 'floor', 'worktop', 'counter', 'countertop', 'waxed floor', 'oiled wood', 'bare wood', 'unfinished wood', 'waxed pine', 'waxed table'],
    limits: [acid(6, 0, 'strips-finish', 'Acid lifts wax and stains bare wood.'), alkali(8, 0.5, 'strips-finish', 'Alkali strips wax and oil and darkens wood.'), oxidiser(0.1, 0, 'bleaches-colour', 'Peroxide bleaches bare wood.'), alcohol(1, 0, 'strips-finish', 'Alcohol dissolves wax and shellac.'), oil(2, 5, 'strips-finish', 'Strong oils, citrus above all, strip wax.'), noGrains, water(2, 'swells-wood', 'Water raises the grain: nearly dry.')],
    manner: 'Nearly dry cloth with the grain.',
  }),

  surface('matt-paint', 'Painted wall, matt', {
    group: 'wall', names: ['painted wall', 'emulsion', 'wall', 'matt paint', 'ceiling'],
    limits: [acid(3, 5, 'damages-coating', 'Strong acid marks matt paint.'), alkali(9, 5, 'damages-coating', 'Alkali takes off matt paint.'), alcohol(1, 0, 'damages-coating', 'Alcohol lifts emulsion paint.'), oxidiser(3.5, 5, 'bleaches-colour', 'Peroxide lightens it.'), ...drinksOil('damages-coating'), upToMohs(2), water(5, 'damages-coating', 'Soaked emulsion softens.')],
    manner: 'From the bottom up, light strokes; rinse from the top down.',
  }),
  surface('gloss-paint', 'Painted wood, gloss', {
    group: 'wall', names: ['window frame', 'gloss paint', 'skirting', 'painted wood', 'radiator'],
    limits: [acid(3, 5, 'damages-coating', 'Strong acid dulls gloss.'), alkali(10, 5, 'damages-coating', 'Washing soda takes the gloss, then the paint.'), alcohol(5, 1, 'damages-coating', 'Alcohol softens gloss paint.'), oxidiser(3.5, 10, 'bleaches-colour', 'Strong peroxide yellows it.'), upToMohs(2)],
    manner: 'Damp cloth, dry.',
  }),
  surface('wallpaper', 'Wallpaper', {
    group: 'keep-out', names: ['paper wall'],
    keepOut: { harm: 'damages-coating', reason: 'Wet cleaners stain and loosen it: dry, with dough or a soft eraser.' },
    manner: 'Dry: soft dough rolled over it.',
  }),

  surface('wool-silk', 'Wool or silk', {
    group: 'cloth', names: ['wool rug', 'rug', 'wool', 'silk', 'jumper'],
    limits: [acid(2.5, 60, 'harms-fibre', 'Strong acid weakens it: dilute is fine.'), alkali(8.8, 0, 'harms-fibre', 'Alkali dissolves wool and silk, slowly and for good.'), oxidiser(0.3, 0, 'bleaches-colour', 'Peroxide yellows and weakens wool and silk.'), limit('hypochlorite')(0, 0, 'harms-fibre', 'Hypochlorite dissolves wool and silk.'), ...oilRing('harms-fibre'), heat(30, 0, 'harms-fibre', 'Heat felts wool.')],
    manner: 'Cool water, pressed not rubbed; flat to dry.',
  }),
  surface('cotton', 'Cotton or polyester, colourfast', {
    group: 'cloth', names: ['polyester', 'cloth', 'linen', 'laundry', 'curtains', 'towel', 'cotton cloth'],
    limits: [oxidiser(3.5, 60, 'bleaches-colour', 'Strong peroxide lightens colours: test the hem.'), fattyOil(0.5, 0, 'harms-fibre', 'Oil leaves a stain of its own.')],
    weaknesses: [weak(['hypochlorite'], 0, 'bleaches-colour', 'Hypochlorite takes the colour at once.')],
    manner: 'Test the hem; from the edge of the stain inwards.',
  }),
  surface('carpet', 'Carpet or rug', {
    group: 'cloth', names: ['rug', 'carpets', 'upholstery', 'mattress', 'sofa'],
    limits: [acid(2.5, 30, 'harms-fibre', 'Strong acid marks it.'), alkali(10, 15, 'harms-fibre', 'Strong alkali dulls the pile.'), oxidiser(0.3, 1, 'bleaches-colour', 'Peroxide bleaches carpet: test out of sight.'), limit('hypochlorite')(0, 0, 'bleaches-colour', 'Hypochlorite takes the colour at once.'), ...oilRing('harms-fibre'), water(60, 'harms-fibre', 'Soaked backing shrinks and grows mould: little water.')],
    manner: 'Blot from the edge in, little water; weight a dry cloth on it.',
  }),
  surface('leather', 'Leather', {
    group: 'cloth', names: ['leather sofa', 'leather shoes', 'suede'],
    limits: [acid(5, 0, 'strips-finish', 'Acid stains leather.'), alkali(8, 0, 'strips-finish', 'Alkali stiffens and cracks leather.'), oxidiser(0.1, 0, 'bleaches-colour', 'Peroxide bleaches it.'), alcohol(1, 0, 'strips-finish', 'Alcohol takes the finish off.'), ...drinksOil('strips-finish'), noGrains, water(5, 'strips-finish', 'Water leaves rings.')],
    manner: 'Barely damp cloth, dry, feed.',
  }),

  surface('machine-inside', 'Inside of a kettle, washing machine or dishwasher', {
    group: 'appliance', drains: true, names: ['kettle', 'dishwasher', 'washing machine', 'coffee maker', 'coffee machine'],
    limits: [acid(2.3, 120, 'hardens-rubber', 'Strong acid hardens its seals: citric acid rather than vinegar, and the maker’s word.'), noBleachOn('its heater'), noGrains],
    weaknesses: [weak(['surfactant'], 0, 'damages-coating', 'Suds foam over, into what is electric.'), weak(['soap'], 0, 'damages-coating', 'Suds foam over, into what is electric.'), weak(['alcohol'], 0, 'hardens-rubber', 'Alcohol swells the seals and its vapour can light.')],
    manner: 'Fill, wait, empty; then two rinses of plain water. The maker’s word comes first.',
  }),
  surface('steam-iron', 'Steam iron, inside', {
    group: 'appliance', names: ['iron', 'iron inside', 'steam generator'],
    keepOut: { harm: 'damages-coating', reason: 'Water alone, unless its maker allows a descaler: acid loosens scale that then blocks it.' },
    manner: 'Plain water, its own self-clean if it has one.',
  }),
  surface('toilet-bowl', 'Toilet bowl', {
    group: 'appliance', drains: true, names: ['porcelain', 'toilet', 'vitreous china', 'wc', 'bowl', 'lavatory'],
    limits: [upToMohs(5.5)],
    manner: 'Lower the water first; brush under the rim; one product at a time, never two.',
  }),
  surface('sockets', 'Sockets, fans, ducts and lamps', {
    group: 'keep-out', names: ['socket', 'fan', 'lamp', 'duct', 'light switch', 'extractor motor'],
    keepOut: { harm: 'damages-coating', reason: 'Water and current: power off at the breaker first, never spray.' },
    manner: 'Power off at the breaker; cloth just damp; dry before it goes on.',
  }),

  surface('brick', 'Brick', {
    group: 'outdoors', names: ['bricks', 'brickwork', 'old brick', 'lime mortar'],
    limits: [acid(6, 1, 'etches-stone', 'Acid eats the mortar between, lime above all.', 'geology'), ...drinksOil(), upToMohs(5)],
    manner: 'Wet it first; stiff brush; mind the plants: salt and acid kill them.',
  }),
  surface('outdoor-stone', 'Paving of limestone or concrete', {
    group: 'outdoors', names: ['paving', 'patio', 'outdoor limestone', 'outdoor concrete'],
    limits: [acid(6, 0, 'etches-stone', CALCITE, 'geology'), ...drinksOil(), upToMohs(5)],
    weaknesses: [weak(['chloride'], 60, 'etches-stone', 'Salt scales paving in frost and kills the plants beside it.')],
    manner: 'Stiff brush, soda or soap, rinse away from plants.',
  }),
];

/** What a word people use means among the surfaces: one, several to ask about, or none and the nearest. */
export const surfaceMeaning = meaningsOf(SURFACES);

/** The surface of an id or of a word that means one alone, or null. */
export function surfaceByName(text: string): Surface | null {
  const meaning = surfaceMeaning(text);
  return meaning.kind === 'one' ? meaning.row : null;
}
