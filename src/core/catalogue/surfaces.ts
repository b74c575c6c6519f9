import { meaningsOf, rowsMeant } from './meaning';
import type { SourceKey } from './sources';
import { MATERIAL_WORDS, WHEREABOUTS, wordsFor } from './surfaceWords';
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
  names: [...(row.names ?? []), ...wordsFor(id)],
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
  surface('marble', 'Marble', { group: 'stone', names: ['marble floor', 'worktop', 'counter', 'countertop', 'hearth', 'polished marble', 'marble worktop'], limits: CARBONATE_STONE, manner: 'Soft damp cloth, then dry: no circles of a scourer.' }),
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
    group: 'tile', drains: true, names: ['cups', 'mug', 'plate', 'dishes', 'crockery', 'tiles floor', 'tile floor', 'teapot', 'floor', 'hearth', 'ceramic tile', 'porcelain tile', 'tiles', 'tile', 'glazed ceramic', 'porcelain'],
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
    group: 'glass', names: ['window', 'plain glass', 'windows', 'window pane'],
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
    group: 'glass', names: ['phone', 'tv', 'laptop', 'tablet', 'monitor', 'glasses', 'screen', 'spectacles', 'lens', 'television', 'phone screen', 'laptop screen'],
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
    group: 'metal', drains: true, names: ['chrome tap', 'tap', 'faucet', 'chrome-plate', 'chrome fittings'],
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
    group: 'enamel', drains: true, names: ['pan', 'cooker', 'stove', 'porcelain enamel', 'oven interior', 'oven', 'hob pan', 'oven-enamel'], ignites: true,
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
    group: 'plastic', names: ['polycarbonate', 'clear plastic', 'plastic window', 'clear box'],
    limits: [alkali(10, 5, 'crazes-plastic', 'Strong alkali attacks it.'), alcohol(1, 0, 'crazes-plastic', 'Alcohol draws cracks in it.'), oil(0.1, 0, 'crazes-plastic', 'Oils soften it.'), fattyOil(0.5, 0, 'crazes-plastic', 'Oil draws cracks in it.'), oxidiser(3.5, 15, 'crazes-plastic', 'Strong peroxide attacks it.'), noGrains, heat(70, 0, 'crazes-plastic', 'Boiling water warps it.')],
    manner: 'Soft cloth, dish soap, no pressure.',
  }),
  surface('vinyl-floor', 'Vinyl floor or PVC', {
    group: 'plastic', names: ['floor', 'vinyl', 'pvc floor', 'pvc'],
    limits: [acid(3, 15, 'strips-finish', 'Acid dulls the wear layer: dilute.'), alkali(9, 5, 'strips-finish', 'Alkali dulls and stiffens the wear layer.'), alcohol(20, 1, 'strips-finish', 'Alcohol lifts the finish: spots only.'), oil(1, 1, 'strips-finish', 'Oils soften PVC.'), oxidiser(3.5, 15, 'bleaches-colour', 'Strong peroxide lightens it.'), upToMohs(2), water(30, 'strips-finish', 'Water that stands creeps into the seams.')],
    manner: 'Wrung mop, far corner to the door.',
  }),
  surface('linoleum', 'Linoleum', {
    group: 'plastic', names: ['floor', 'lino', 'linoleum floor'],
    limits: [acid(3, 10, 'strips-finish', 'Strong acid dulls it.'), alkali(8.8, 0, 'strips-finish', 'Alkali breaks down the linseed oil that lino is made of.'), alcohol(5, 1, 'strips-finish', 'Alcohol lifts its finish.'), oxidiser(1, 5, 'bleaches-colour', 'Peroxide lightens it.'), upToMohs(2), water(15, 'swells-wood', 'Standing water swells its backing.')],
    manner: 'Well wrung mop, dish soap alone.',
  }),
  surface('laminate', 'Laminate', {
    group: 'plastic', names: ['floor', 'worktop', 'counter', 'countertop', 'laminate worktop', 'laminate floor', 'melamine board'],
    limits: [acid(3, 15, 'strips-finish', 'Strong acid dulls it.'), alkali(10, 15, 'strips-finish', 'Strong alkali dulls it.'), upToMohs(2), water(10, 'swells-wood', 'Water at the seams swells the board.'), oxidiser(3.5, 15, 'bleaches-colour', 'Strong peroxide lightens it.')],
    manner: 'Damp cloth, off the seams; dry.',
  }),
  surface('rubber', 'Rubber seal or hose', {
    group: 'plastic', names: ['rubber seal', 'gasket', 'door seal', 'fridge seal', 'washing machine seal', 'hose'],
    limits: [acid(4, 5, 'hardens-rubber', 'Acid again and again hardens rubber.'), oxidiser(1, 5, 'hardens-rubber', 'Peroxide cracks rubber.'), limit('hypochlorite')(0, 0, 'hardens-rubber', 'Hypochlorite cracks rubber.'), alcohol(10, 1, 'hardens-rubber', 'Alcohol draws the softener out of rubber.'), oil(0.5, 0, 'hardens-rubber', 'Oils swell rubber.'), fattyOil(0.5, 0, 'hardens-rubber', 'Oils swell rubber.'), upToMohs(2.5)],
    manner: 'Cloth into the folds; dry them.',
  }),

  surface('varnished-wood', 'Varnished or sealed wood', {
    group: 'wood', names: ['wooden floor', 'desk', 'stairs', 'cabinet', 'piano', 'wooden chair', 'hardwood floor', 'parquet', 'table', 'floor', 'worktop', 'counter', 'countertop', 'window frame', 'varnish', 'sealed wood', 'wood worktop', 'varnished worktop', 'lacquered wood'],
    limits: [acid(6, 0, 'strips-finish', 'Acid dulls and softens varnish. Cleaners disagree below 0.3 % acid; Biscuit takes the stricter side.'), alkali(8.5, 2, 'strips-finish', 'Alkali softens varnish.'), oxidiser(0.5, 1, 'bleaches-colour', 'Peroxide lightens wood through the varnish.'), alcohol(1, 0, 'strips-finish', 'Alcohol dissolves many varnishes.'), oil(1, 1, 'strips-finish', 'Strong oils soften varnish.'), noGrains, water(5, 'swells-wood', 'Water finds every crack in the varnish.')],
    schools: [{ school: 'vinegar-on-sealed-wood', choice: 'diluted', of: 'acid', limits: [acid(3.25, 1, 'strips-finish', 'Only well diluted, under 0.3 % acid: this is stronger.')] }],
    manner: 'Barely damp cloth with the grain; dry after it.',
  }),
  surface('waxed-wood', 'Waxed, oiled or bare wood', {
    group: 'wood', names: ['wooden floor', 'desk', 'hardwood floor', 'parquet', 'table', 'floor', 'worktop', 'counter', 'countertop', 'waxed floor', 'oiled wood', 'bare wood', 'unfinished wood', 'waxed pine', 'waxed table'],
    limits: [acid(6, 0, 'strips-finish', 'Acid lifts wax and stains bare wood.'), alkali(8, 0.5, 'strips-finish', 'Alkali strips wax and oil and darkens wood.'), oxidiser(0.1, 0, 'bleaches-colour', 'Peroxide bleaches bare wood.'), alcohol(1, 0, 'strips-finish', 'Alcohol dissolves wax and shellac.'), oil(2, 5, 'strips-finish', 'Strong oils, citrus above all, strip wax.'), noGrains, water(2, 'swells-wood', 'Water raises the grain: nearly dry.')],
    manner: 'Nearly dry cloth with the grain.',
  }),

  surface('matt-paint', 'Painted wall, matt', {
    group: 'wall', names: ['painted wall', 'emulsion', 'wall', 'matt paint', 'ceiling'],
    limits: [acid(3, 5, 'damages-coating', 'Strong acid marks matt paint.'), alkali(9, 5, 'damages-coating', 'Alkali takes off matt paint.'), alcohol(1, 0, 'damages-coating', 'Alcohol lifts emulsion paint.'), oxidiser(3.5, 5, 'bleaches-colour', 'Peroxide lightens it.'), ...drinksOil('damages-coating'), upToMohs(2), water(5, 'damages-coating', 'Soaked emulsion softens.')],
    manner: 'From the bottom up, light strokes; rinse from the top down.',
  }),
  surface('gloss-paint', 'Painted wood, gloss', {
    group: 'wall', names: ['sill', 'stairs', 'shutters', 'door', 'window frame', 'gloss paint', 'skirting', 'painted wood', 'cabinet', 'painted cabinet'],
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
    group: 'cloth', names: ['pillow', 'pillowcase', 'duvet', 'duvet cover', 'teddy', 'soft toy', 'bedding', 'tablecloth', 'tea towel', 'apron', 'mop', 'polyester', 'cloth', 'linen', 'laundry', 'curtains', 'towel', 'cotton cloth'],
    limits: [oxidiser(3.5, 60, 'bleaches-colour', 'Strong peroxide lightens colours: test the hem.'), fattyOil(0.5, 0, 'harms-fibre', 'Oil leaves a stain of its own.')],
    weaknesses: [weak(['hypochlorite'], 0, 'bleaches-colour', 'Hypochlorite takes the colour at once.')],
    manner: 'Test the hem; from the edge of the stain inwards.',
  }),
  surface('carpet', 'Carpet or rug', {
    group: 'cloth', names: ['rug', 'carpets', 'synthetic rug'],
    limits: [acid(2.5, 30, 'harms-fibre', 'Strong acid marks it.'), alkali(10, 15, 'harms-fibre', 'Strong alkali dulls the pile.'), oxidiser(0.3, 1, 'bleaches-colour', 'Peroxide bleaches carpet: test out of sight.'), limit('hypochlorite')(0, 0, 'bleaches-colour', 'Hypochlorite takes the colour at once.'), ...oilRing('harms-fibre'), water(60, 'harms-fibre', 'Soaked backing shrinks and grows mould: little water.')],
    manner: 'Blot from the edge in, little water; weight a dry cloth on it.',
  }),
  surface('leather', 'Leather', {
    group: 'cloth', names: ['leather sofa', 'leather shoes'],
    limits: [acid(5, 0, 'strips-finish', 'Acid stains leather.'), alkali(8, 0, 'strips-finish', 'Alkali stiffens and cracks leather.'), oxidiser(0.1, 0, 'bleaches-colour', 'Peroxide bleaches it.'), alcohol(1, 0, 'strips-finish', 'Alcohol takes the finish off.'), ...drinksOil('strips-finish'), noGrains, water(5, 'strips-finish', 'Water leaves rings.')],
    manner: 'Barely damp cloth, dry, feed.',
  }),

  surface('machine-inside', 'Inside of another machine that runs with water', {
    group: 'appliance', drains: true, names: ['machine', 'humidifier', 'steam cleaner'],
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
    group: 'appliance', drains: true, names: ['urinal', 'bidet', 'porcelain', 'toilet', 'vitreous china', 'wc', 'bowl', 'lavatory'],
    limits: [upToMohs(5.5)],
    manner: 'Lower the water first; brush under the rim; one product at a time, never two.',
  }),
  surface('sockets', 'Sockets, fans, ducts and lamps', {
    group: 'keep-out', names: ['extractor fan', 'toaster', 'ceiling fan', 'vacuum cleaner', 'electric heater', 'socket', 'fan', 'lamp', 'duct', 'light switch', 'extractor motor'],
    keepOut: { harm: 'damages-coating', reason: 'Water and current: power off at the breaker first, never spray.' },
    manner: 'Power off at the breaker; cloth just damp; dry before it goes on.',
  }),

  surface('brick', 'Brick', {
    group: 'outdoors', names: ['render', 'stucco', 'rendered wall', 'bricks', 'brickwork', 'old brick', 'lime mortar'],
    limits: [acid(6, 1, 'etches-stone', 'Acid eats the mortar between, lime above all.', 'geology'), ...drinksOil(), upToMohs(5)],
    manner: 'Wet it first; stiff brush; mind the plants: salt and acid kill them.',
  }),
  surface('outdoor-stone', 'Paving of limestone or concrete', {
    group: 'outdoors', names: ['paving', 'patio', 'outdoor limestone', 'outdoor concrete'],
    limits: [acid(6, 0, 'etches-stone', CALCITE, 'geology'), ...drinksOil(), upToMohs(5)],
    weaknesses: [weak(['chloride'], 60, 'etches-stone', 'Salt scales paving in frost and kills the plants beside it.')],
    manner: 'Stiff brush, soda or soap, rinse away from plants.',
  }),

  // What homes also have.
  surface('fridge-inside', 'Fridge or freezer, inside', {
    group: 'appliance', names: ['fridge', 'freezer', 'refrigerator', 'fridge shelf', 'fridge drawer', 'ice box', 'cool box'],
    limits: [acid(3, 10, 'crazes-plastic', 'Strong acid dulls the liner: brief and dilute.'), alkali(9, 10, 'crazes-plastic', 'Strong alkali dulls the liner.'), oxidiser(3.5, 10, 'crazes-plastic', 'Strong peroxide attacks the liner.'), alcohol(1, 0, 'crazes-plastic', 'Alcohol draws cracks in the liner.'), oil(0.1, 0, 'crazes-plastic', 'Oils draw cracks in the liner.'), noGrains, heat(60, 0, 'crazes-plastic', 'Boiling water warps it, and cracks a cold glass shelf.')],
    manner: 'Soft cloth, lukewarm; the drip hole rinsed; dry.',
  }),
  surface('microwave-inside', 'Microwave, inside', {
    group: 'appliance', names: ['microwave', 'microwave oven'], ignites: true,
    limits: [acid(3, 10, 'damages-coating', 'Strong acid dulls the paint.'), alkali(10, 10, 'damages-coating', 'Strong alkali lifts the paint.'), oxidiser(3.5, 10, 'damages-coating', 'Strong peroxide dulls the paint.'), alcohol(1, 0, 'damages-coating', 'Alcohol lights where it is switched on again.'), oil(0.5, 0, 'damages-coating', 'Oils burn there.'), noGrains],
    manner: 'Soft cloth; the mica plate dry and never scraped; vents dry.',
  }),
  surface('kettle', 'Kettle, inside', {
    group: 'appliance', drains: true, names: ['kettle inside', 'electric kettle', 'water boiler', 'stove kettle'],
    limits: [acid(1.9, 40, 'hardens-rubber', 'Strong acid hardens its seals: 20 to 30 g of citric acid in a litre, half an hour.'), alkali(9, 0, 'damages-coating', 'Alkali does nothing for scale, and is drunk.'), oxidiser(0.1, 0, 'hardens-rubber', 'Peroxide cracks its seals.'), noBleachOn('its heater'), alcohol(1, 0, 'hardens-rubber', 'Alcohol has no place where water is boiled.'), oil(0.1, 0, 'hardens-rubber', 'Oils swell its seals, and are drunk.'), noGrains],
    weaknesses: [weak(['surfactant'], 0, 'damages-coating', 'Suds boil over, and are drunk.'), weak(['soap'], 0, 'damages-coating', 'Soap boils over, and is drunk.')],
    manner: 'Below the mark, not boiled with acid; rinse, boil once, pour away; never the outside under water.',
  }),
  surface('coffee-machine', 'Coffee machine', {
    group: 'appliance', drains: true, names: ['coffee maker', 'espresso machine', 'filter machine', 'percolator'],
    limits: [acid(1.9, 30, 'corrodes-metal', 'Acid eats an aluminium boiler: the maker’s word.'), alkali(9, 0, 'corrodes-metal', 'Alkali eats an aluminium boiler.'), oxidiser(0.1, 0, 'hardens-rubber', 'Peroxide cracks its seals.'), noBleachOn('its boiler'), alcohol(1, 0, 'hardens-rubber', 'Alcohol swells its seals.'), oil(0.1, 0, 'hardens-rubber', 'Oils swell its seals.'), noGrains],
    weaknesses: [weak(['surfactant'], 0, 'damages-coating', 'Suds stay in its pipes.'), weak(['soap'], 0, 'damages-coating', 'Suds stay in its pipes.')],
    manner: 'Off and cold, tank out; milk parts in hot suds by hand each day.',
  }),
  surface('washing-machine', 'Washing machine, inside', {
    group: 'appliance', drains: true, names: ['washer', 'drum', 'washing machine drum', 'washing machine drawer'],
    limits: [acid(2.3, 120, 'hardens-rubber', 'Strong acid hardens its seals: citric acid rather than vinegar, and the maker’s word.'), noBleachOn('its heater'), noGrains],
    weaknesses: [weak(['surfactant'], 0, 'damages-coating', 'Suds foam over, into what is electric.'), weak(['soap'], 0, 'damages-coating', 'Suds foam over, into what is electric.'), weak(['alcohol'], 0, 'hardens-rubber', 'Alcohol swells the seals and its vapour can light.')],
    manner: 'Empty; the seal wiped, the door left ajar.',
  }),
  surface('dishwasher', 'Dishwasher, inside', {
    group: 'appliance', drains: true, names: ['dish washer'],
    limits: [acid(1.9, 120, 'hardens-rubber', 'Strong acid hardens its seals: citric acid, and the maker’s word.'), noBleachOn('its heater'), noGrains],
    weaknesses: [weak(['surfactant'], 0, 'damages-coating', 'Suds foam over: never dish soap.'), weak(['soap'], 0, 'damages-coating', 'Suds foam over.'), weak(['alcohol'], 0, 'hardens-rubber', 'Alcohol swells the seals and its vapour can light.')],
    manner: 'Hot run done, cool, empty; filter out each week; nothing of aluminium inside.',
  }),
  surface('drain-and-trap', 'Drain and trap', {
    group: 'appliance', drains: true, names: ['drain', 'plughole', 'waste', 'siphon', 'u-bend', 'trap', 'sink drain', 'shower drain'],
    limits: [alcohol(5, 0, 'damages-coating', 'Its vapour gathers in the pipe and can light.'), oil(1, 0, 'damages-coating', 'Oil clogs it.'), fattyOil(1, 0, 'damages-coating', 'Oil clogs it.'), heat(60, 0, 'damages-coating', 'Water over 60 °C softens plastic pipe.')],
    manner: 'Nothing else in it; never after a drain opener, for days; a bucket under an opened trap.',
  }),
  surface('ceramic-sink', 'China or fireclay sink', {
    group: 'tile', drains: true, names: ['sink', 'basin', 'washbasin', 'china sink', 'butler sink', 'fireclay', 'ceramic sink', 'hand basin'],
    limits: [acid(3, 60, 'damages-coating', 'Neat acid left for long dulls a glaze.'), alkali(12, 60, 'damages-coating', 'Very strong alkali dulls a glaze.'), upToMohs(3)],
    manner: 'Soft sponge; metal marks with soda, not with steel; dry.',
  }),
  surface('composite-sink', 'Composite sink', {
    group: 'stone', drains: true, names: ['sink', 'granite sink', 'resin sink', 'quartz sink'],
    limits: [acid(3, 10, 'damages-coating', 'Acid dulls the resin: citric 2 %, five minutes.'), alkali(10, 15, 'damages-coating', 'Strong alkali dulls the resin.'), oxidiser(3.5, 15, 'bleaches-colour', 'Strong peroxide lightens it.'), alcohol(30, 5, 'damages-coating', 'Strong alcohol softens the resin.'), oil(0.5, 0, 'damages-coating', 'Oils soften the resin.'), upToMohs(2), heat(180, 0, 'damages-coating', 'A hot pan cracks it.')],
    manner: 'Soft sponge in circles; dry it.',
  }),
  surface('non-stick', 'Non-stick pan or air fryer', {
    group: 'metal', drains: true, names: ['pan', 'frying pan', 'non-stick pan', 'air fryer', 'air fryer basket', 'waffle iron', 'sandwich maker'],
    limits: [acid(4, 10, 'damages-coating', 'Acid gets under the coating where it is scratched.'), alkali(10, 20, 'damages-coating', 'Strong alkali dulls the coating.'), oxidiser(0.3, 0, 'damages-coating', 'Peroxide dulls the coating.'), oil(0.5, 0, 'damages-coating', 'Strong oils gum on it.'), noGrains],
    manner: 'Cold, unplugged; soft sponge, nothing of metal; the heater dry.',
  }),
  surface('drinking-glass', 'Drinking glass or crystal', {
    group: 'glass', drains: true, names: ['glasses', 'tumbler', 'wine glass', 'crystal', 'vase', 'carafe'],
    limits: [acid(2, 30, 'damages-coating', 'Strong acid takes gilt, and dulls crystal in time.'), alkali(9, 5, 'damages-coating', 'Alkali clouds crystal for good.'), noGrains, heat(60, 0, 'damages-coating', 'Hot water on cold crystal cracks it.')],
    manner: 'By hand, lukewarm; nothing on gilt but a soft cloth; dry.',
  }),
  surface('thermos', 'Thermos or steel cup', {
    group: 'metal', drains: true, names: ['flask', 'vacuum flask', 'travel cup', 'steel bottle', 'coffee pot'],
    limits: [acid(2, 30, 'corrodes-metal', 'Strong acid dulls the steel in time.'), alkali(11, 60, 'corrodes-metal', 'Strong alkali dulls its paint.'), noBleachOn('stainless steel'), oil(0.5, 0, 'hardens-rubber', 'Oils swell its seal, and taste.'), noGrains],
    manner: 'Lid off, seal out; a bottle brush; the lid never on while anything fizzes.',
  }),
  surface('board-wood', 'Chopping board, wood', {
    group: 'wood', drains: true, names: ['board', 'chopping board', 'cutting board', 'butcher block', 'wooden spoon', 'bread board'],
    limits: [acid(2, 10, 'bleaches-colour', 'Strong acid lightens and roughens it.'), alkali(9, 10, 'swells-wood', 'Alkali darkens and roughens wood.'), oxidiser(3.5, 10, 'bleaches-colour', 'Strong peroxide lightens it.'), oil(0.5, 0, 'swells-wood', 'It is eaten from: no essential oils.'), upToMohs(2.5), water(5, 'swells-wood', 'Soaked, it warps and splits.')],
    manner: 'Both sides wetted, with the grain; stood on edge to dry; never in the dishwasher.',
  }),
  surface('board-plastic', 'Chopping board, plastic', {
    group: 'plastic', drains: true, names: ['board', 'chopping board', 'cutting board', 'plastic board'],
    limits: [oil(1, 0, 'crazes-plastic', 'It is eaten from: no essential oils.'), upToMohs(2.5), heat(80, 0, 'crazes-plastic', 'Very hot water warps it.')],
    manner: 'Brush along the cuts; deep cuts: replace it.',
  }),
  surface('plastic-pe-pp', 'Plastic box, bin or toy', {
    group: 'plastic', drains: true, names: ['baby bottle', 'dummy', 'hairbrush', 'toothbrush', 'gutter', 'watering can', 'bin', 'rubbish bin', 'food box', 'bucket', 'bowl of plastic', 'toy', 'toys', 'polyethylene', 'polypropylene', 'lunch box', 'plastic'],
    limits: [oil(1, 10, 'crazes-plastic', 'Strong oils are drunk in and stay.'), upToMohs(2), heat(60, 0, 'crazes-plastic', 'Boiling water warps it.')],
    manner: 'Cloth or brush; dry it open.',
  }),
  surface('soft-touch-plastic', 'Soft-touch plastic', {
    group: 'plastic', names: ['remote', 'remote control', 'rubbery coating', 'sticky handle', 'keyboard', 'game controller'],
    limits: [acid(4, 5, 'damages-coating', 'Acid dulls the coating.'), alkali(8.5, 2, 'damages-coating', 'Alkali lifts the coating.'), oxidiser(0.3, 0, 'damages-coating', 'Peroxide clouds the coating.'), alcohol(1, 0, 'damages-coating', 'Alcohol dissolves the coating: it turns sticky for good.'), oil(0.1, 0, 'damages-coating', 'Oils soften the coating.'), noGrains],
    manner: 'Batteries out, unplugged; cloth barely damp. Turned sticky it has decayed: replace it.',
  }),
  surface('extractor-filter-steel', 'Extractor filter, steel', {
    group: 'metal', drains: true, names: ['grease filter', 'hood filter', 'cooker hood', 'extractor', 'extractor filter'],
    limits: [acid(4, 15, 'corrodes-metal', 'Acid left on it pits it.'), noBleachOn('steel'), upToMohs(2.5)],
    manner: 'Out of the hood, hot soak, rinsed, quite dry before it goes back.',
  }),
  surface('extractor-filter-aluminium', 'Extractor filter, aluminium', {
    group: 'metal', drains: true, names: ['grease filter', 'hood filter', 'cooker hood', 'mesh filter', 'extractor', 'extractor filter'],
    limits: [acid(6, 0, 'corrodes-metal', 'Acid eats the mesh.', 'crc-memory'), alkali(9, 0, 'corrodes-metal', 'Alkali blackens aluminium at once.', 'crc-memory'), noBleachOn('aluminium'), oxidiser(3.5, 5, 'corrodes-metal', 'Strong peroxide dulls it.'), upToMohs(2)],
    manner: 'Out of the hood, hot dish soap; the dishwasher greys it; quite dry before it goes back.',
  }),
  surface('gas-hob', 'Gas hob', {
    group: 'enamel', ignites: true, names: ['cooker', 'stove', 'gas stove', 'gas cooker', 'burner caps', 'pan supports', 'grates'],
    limits: [acid(4, 5, 'damages-coating', 'Acid dulls enamel, and eats aluminium heads.'), alkali(9, 0, 'corrodes-metal', 'Alkali blackens aluminium burner heads at once.', 'crc-memory'), oxidiser(3.5, 10, 'damages-coating', 'Strong peroxide dulls it.'), alcohol(1, 0, 'damages-coating', 'Alcohol beside a pilot flame lights.'), oil(0.5, 0, 'damages-coating', 'Oils burn there.'), upToMohs(2.5)],
    manner: 'Gas off, cold, ignition unplugged; ports dry, cleared with a pin that is not steel wire; heads level, the flame blue after it.',
  }),
  surface('oven-door-glass', 'Oven door glass', {
    group: 'glass', ignites: true, names: ['oven window', 'oven door', 'oven glass'],
    limits: [acid(3, 10, 'damages-coating', 'Acid dulls printed edges.'), alkali(11, 60, 'damages-coating', 'Very strong alkali clouds glass.'), alcohol(1, 0, 'damages-coating', 'Alcohol on a warm oven lights.'), upToMohs(2.5)],
    manner: 'Cold; scraper laid flat; inner coated panes: soap alone; hinges locked if the door comes off.',
  }),
  surface('shower-door', 'Shower door or screen', {
    group: 'glass', drains: true, names: ['shower screen', 'shower glass', 'coated glass', 'shower cabin'],
    limits: [acid(4, 2, 'damages-coating', 'Acid strips a coating: brief; on plain glass longer.'), alkali(9, 5, 'damages-coating', 'Alkali left to dry marks it.'), oxidiser(3.5, 10, 'damages-coating', 'Strong peroxide attacks a coating.'), alcohol(35, 1, 'damages-coating', 'Strong alcohol lifts a coating.'), noGrains],
    manner: 'Soft cloth; squeegee from the top after each shower.',
  }),
  surface('shower-curtain', 'Shower curtain', {
    group: 'plastic', drains: true, names: ['curtain of plastic', 'bath curtain'],
    limits: [acid(3, 30, 'crazes-plastic', 'Strong acid stiffens it.'), alkali(11, 30, 'crazes-plastic', 'Strong alkali stiffens it.'), oxidiser(0.5, 60, 'bleaches-colour', 'Strong peroxide lightens the print.'), alcohol(20, 1, 'crazes-plastic', 'Alcohol stiffens PVC.'), oil(0.5, 0, 'crazes-plastic', 'Oils soften PVC.'), upToMohs(2), heat(40, 0, 'crazes-plastic', 'Hot water creases it for good.')],
    manner: 'Hooks off; 30 to 40 °C with towels; hung up wet.',
  }),
  surface('mattress', 'Mattress', {
    group: 'cloth', names: ['bed', 'bed mattress', 'memory foam'],
    limits: [acid(2.5, 5, 'harms-fibre', 'Strong acid marks it.'), alkali(9, 10, 'harms-fibre', 'Alkali stays in the foam.'), oxidiser(3.5, 0, 'bleaches-colour', 'Strong peroxide bleaches the cover.'), limit('hypochlorite')(0, 0, 'bleaches-colour', 'Hypochlorite takes the colour, and gases with urine.'), alcohol(5, 0, 'harms-fibre', 'Alcohol dissolves the glue of the foam.'), ...oilRing('harms-fibre'), water(15, 'harms-fibre', 'Soaked it never dries: dry within a day.')],
    manner: 'Bedding off, heated pad unplugged; hardly wet, blotted, dried with air.',
  }),
  surface('upholstery', 'Upholstery', {
    group: 'cloth', names: ['car', 'pram', 'stroller', 'high chair', 'office chair', 'sofa', 'couch', 'settee', 'armchair', 'chair', 'car seat', 'dining chair'],
    limits: [acid(2.5, 5, 'harms-fibre', 'Strong acid marks it.'), alkali(8.5, 5, 'harms-fibre', 'Alkali makes its colours run.'), oxidiser(0.3, 0, 'bleaches-colour', 'Peroxide bleaches it.'), limit('hypochlorite')(0, 0, 'bleaches-colour', 'Hypochlorite takes the colour at once.'), alcohol(5, 0, 'harms-fibre', 'Alcohol only where its label says S.'), ...oilRing('harms-fibre'), water(15, 'harms-fibre', 'Soaked it rings and grows mould.')],
    manner: 'By the letter on its label: W water, S solvent, X vacuum alone; test out of sight; blot.',
  }),
  surface('trainers', 'Trainers', {
    group: 'cloth', drains: true, names: ['sneakers', 'canvas shoes', 'running shoes', 'shoes'],
    limits: [acid(3, 5, 'harms-fibre', 'Strong acid lifts the glue.'), alkali(9, 10, 'harms-fibre', 'Alkali yellows and lifts the glue.'), oxidiser(0.5, 15, 'bleaches-colour', 'Peroxide lightens colours: white ones alone.'), limit('hypochlorite')(0, 0, 'bleaches-colour', 'Hypochlorite yellows them.'), ...oilRing('harms-fibre'), upToMohs(2.5)],
    manner: 'Laces and soles out, mud dry and brushed; 30 °C; stuffed with paper, away from heat; suede: a dry brush.',
  }),
  surface('tent-and-pack', 'Tent, pack or rain jacket', {
    group: 'cloth', names: ['tent', 'rucksack', 'backpack', 'rain jacket', 'sleeping bag', 'awning'],
    limits: [acid(4, 2, 'damages-coating', 'Acid attacks the coating.'), alkali(8.5, 5, 'damages-coating', 'Alkali lifts the coating.'), oxidiser(0.1, 0, 'damages-coating', 'Peroxide attacks the coating.'), limit('hypochlorite')(0, 0, 'damages-coating', 'Hypochlorite rots it.'), alcohol(1, 0, 'damages-coating', 'Alcohol dissolves the coating.'), ...oilRing('damages-coating'), upToMohs(1)],
    manner: 'Lukewarm, a sponge; every trace of soap rinsed out; quite dry before it is packed.',
  }),
  surface('car-leather', 'Car leather or coated leather', {
    group: 'cloth', names: ['car', 'car interior', 'coated leather', 'leather seat', 'vinyl seat', 'faux leather'],
    limits: [acid(6, 0, 'strips-finish', 'Acid dulls the coat.'), alkali(8, 0, 'strips-finish', 'Alkali cracks the coat.'), oxidiser(0.1, 0, 'bleaches-colour', 'Peroxide bleaches it.'), alcohol(1, 0, 'strips-finish', 'Alcohol takes the coat off.'), ...drinksOil('strips-finish'), noGrains],
    manner: 'Heated seat off; damp cloth, dry; feed it if the maker says so.',
  }),
  surface('coated-tap', 'Tap, black, gold or brushed', {
    group: 'metal', drains: true, names: ['tap', 'faucet', 'black tap', 'gold tap', 'brushed tap', 'nickel tap', 'copper tap', 'coloured tap'],
    limits: [acid(6, 0, 'strips-finish', 'Acid lifts a coloured finish.'), alkali(9, 2, 'strips-finish', 'Alkali dulls it.'), oxidiser(0.1, 0, 'strips-finish', 'Peroxide clouds it.'), noBleachOn('what lies under the finish'), alcohol(1, 0, 'strips-finish', 'Alcohol dulls lacquer.'), oil(0.1, 0, 'strips-finish', 'Oils dull lacquer.'), noGrains],
    manner: 'Dish soap, soft cloth, dried at once.',
  }),
  surface('door-handle', 'Door handle or knob', {
    group: 'metal', names: ['handle', 'knob', 'doorknob', 'banister'],
    limits: [acid(6, 0, 'strips-finish', 'Acid gets under lacquer and plate.'), alkali(9, 2, 'strips-finish', 'Alkali dulls the finish.'), oxidiser(0.5, 0, 'strips-finish', 'Peroxide clouds the finish.'), noBleachOn('metal'), alcohol(1, 0, 'strips-finish', 'Alcohol dissolves lacquer.'), oil(0.1, 0, 'strips-finish', 'Oils dull lacquer.'), noGrains],
    manner: 'On the cloth alone; dry. The plate of a switch: power off.',
  }),
  surface('blind-metal', 'Blinds, metal', {
    group: 'metal', names: ['blinds', 'venetian blind', 'slats', 'aluminium blind'],
    limits: [acid(4, 2, 'strips-finish', 'Acid dulls the coat.'), alkali(9, 2, 'strips-finish', 'Alkali dulls the coat.'), alcohol(1, 0, 'strips-finish', 'Alcohol softens the coat.'), oil(0.1, 0, 'strips-finish', 'Oils soften the coat.'), noGrains],
    manner: 'Closed one way, then the other; cloth; two feet on the floor.',
  }),
  surface('blind-cloth', 'Blinds, cloth', {
    group: 'cloth', names: ['blinds', 'roller blind', 'roman blind', 'vertical blind'],
    limits: [acid(6, 0, 'harms-fibre', 'Acid marks the stiffener.'), alkali(8.5, 2, 'harms-fibre', 'Alkali takes the stiffener out.'), oxidiser(0.1, 0, 'bleaches-colour', 'Peroxide bleaches it.'), alcohol(1, 0, 'harms-fibre', 'Alcohol takes the stiffener out.'), ...oilRing('harms-fibre'), water(5, 'harms-fibre', 'Wet it loses its stiffener.')],
    manner: 'Vacuum; a spot is blotted; taken down only if it may be washed.',
  }),
  surface('painted-metal', 'Painted metal or radiator', {
    group: 'metal', names: ['whiteboard', 'bike', 'bicycle', 'radiator', 'heater', 'garden metal', 'powder coat', 'washing machine outside', 'fridge outside'],
    limits: [acid(3, 5, 'damages-coating', 'Strong acid dulls paint.'), alkali(10, 5, 'damages-coating', 'Strong alkali lifts paint.'), oxidiser(3.5, 10, 'bleaches-colour', 'Strong peroxide lightens it.'), alcohol(5, 1, 'damages-coating', 'Alcohol softens paint.'), upToMohs(2)],
    manner: 'Radiator cold; damp cloth; chips dried, or they rust.',
  }),
  surface('pvc-window-frame', 'PVC window frame', {
    group: 'plastic', names: ['sill', 'window frame', 'upvc', 'pvc frame', 'plastic window frame', 'window sill'],
    limits: [acid(3, 10, 'strips-finish', 'Strong acid dulls PVC.'), alkali(10, 10, 'strips-finish', 'Strong alkali dulls PVC.'), oxidiser(3.5, 15, 'bleaches-colour', 'Strong peroxide yellows it.'), alcohol(1, 0, 'strips-finish', 'Solvents soften it, and lift a film of colour.'), oil(0.5, 0, 'strips-finish', 'Oils soften PVC.'), noGrains],
    manner: 'Soapy cloth; its drain slots kept free; no ladder.',
  }),
  surface('cork-floor', 'Cork floor', {
    group: 'wood', names: ['floor', 'cork'],
    limits: [acid(6, 0, 'strips-finish', 'Acid stains cork.'), alkali(8.5, 2, 'strips-finish', 'Alkali darkens cork.'), oxidiser(0.5, 1, 'bleaches-colour', 'Peroxide bleaches cork.'), alcohol(1, 0, 'strips-finish', 'Alcohol dissolves its finish.'), oil(0.1, 0, 'strips-finish', 'Oils soften its finish.'), noGrains, water(5, 'swells-wood', 'Cork drinks water.')],
    manner: 'Mop nearly dry; at once dry after it.',
  }),
  surface('bamboo-floor', 'Bamboo floor', {
    group: 'wood', names: ['floor', 'bamboo'],
    limits: [acid(6, 0, 'strips-finish', 'Acid dulls its finish.'), alkali(8.5, 2, 'strips-finish', 'Alkali dulls its finish.'), oxidiser(0.5, 1, 'bleaches-colour', 'Peroxide bleaches it.'), alcohol(1, 0, 'strips-finish', 'Alcohol dissolves its finish.'), oil(0.1, 0, 'strips-finish', 'Oils soften its finish.'), noGrains, water(5, 'swells-wood', 'Bamboo swells.')],
    manner: 'Mop nearly dry, with the grain.',
  }),
  surface('sealed-concrete', 'Concrete, sealed', {
    group: 'stone', names: ['garage floor', 'polished concrete', 'sealed concrete', 'garage'],
    limits: [acid(6, 1, 'strips-finish', 'Acid wears the sealer, then eats the cement.'), alkali(10, 15, 'strips-finish', 'Strong alkali wears the sealer.'), oxidiser(3.5, 15, 'bleaches-colour', 'Strong peroxide lightens it.'), alcohol(30, 5, 'strips-finish', 'Strong alcohol lifts the sealer.'), ...drinksOil(), upToMohs(2.5)],
    manner: 'Swept, wrung mop; oil absorbed at once.',
  }),
  surface('garden-teak', 'Garden furniture, teak', {
    group: 'outdoors', names: ['decking', 'deck', 'wooden fence', 'fence', 'garden furniture', 'teak', 'teak bench', 'garden table', 'garden bench'],
    limits: [acid(4, 5, 'bleaches-colour', 'Acid lightens it in patches.'), alkali(10, 10, 'bleaches-colour', 'Strong alkali darkens it.'), oxidiser(3.5, 10, 'bleaches-colour', 'Peroxide greys it.'), alcohol(1, 0, 'strips-finish', 'Alcohol takes its oil.'), noGrains],
    manner: 'Soft brush with the grain; no pressure washer.',
  }),
  surface('garden-plastic', 'Garden furniture, plastic', {
    group: 'outdoors', names: ['garden furniture', 'garden chair', 'resin chair', 'plastic chair'],
    limits: [acid(3, 15, 'crazes-plastic', 'Strong acid dulls it.'), alkali(11, 15, 'crazes-plastic', 'Strong alkali dulls it.'), oil(0.5, 0, 'crazes-plastic', 'Oils soften it.'), upToMohs(2)],
    manner: 'Soapy brush; what the sun has chalked marks the cloth.',
  }),
  surface('barbecue-grate', 'Barbecue grate', {
    group: 'outdoors', ignites: true, names: ['barbecue', 'bbq', 'grill', 'grill grate'],
    limits: [acid(6, 0, 'corrodes-metal', 'Acid rusts iron and dulls enamel.'), alkali(9, 10, 'corrodes-metal', 'Alkali strips iron and blackens aluminium.'), noBleachOn('iron'), alcohol(1, 0, 'damages-coating', 'Alcohol lights there.'), oil(0.5, 0, 'damages-coating', 'Oils burn there.'), upToMohs(4)],
    manner: 'Gas shut, lukewarm; scraper or a ball of foil, no wire brush: its bristles get into food; ash cold for a day.',
  }),
  surface('litter-tray', 'Litter tray', {
    group: 'plastic', names: ['cat tray', 'litter box', 'cat litter tray'],
    limits: [limit('hypochlorite')(0, 0, 'damages-coating', 'Hypochlorite on urine gives off chloramine.'), alcohol(1, 0, 'damages-coating', 'Its smell keeps a cat away.'), oil(0.1, 0, 'damages-coating', 'Essential oils harm cats.'), upToMohs(2)],
    weaknesses: [weak(['ammonia-source'], 0, 'damages-coating', 'Ammonia smells of urine to a cat.')],
    manner: 'Gloves, not by someone pregnant; into the toilet or the bin, never the sink.',
  }),
  surface('jewellery', 'Jewellery of gold', {
    group: 'metal', names: ['gold', 'ring', 'gold ring', 'platinum', 'necklace'],
    limits: [acid(6, 0, 'corrodes-metal', 'Acid eats stones, glue and alloys.'), alkali(9, 10, 'corrodes-metal', 'Alkali dulls stones.'), oxidiser(0.1, 0, 'corrodes-metal', 'Peroxide dulls alloys.'), noBleachOn('gold alloys'), oil(0.1, 0, 'corrodes-metal', 'Oils cloud stones.'), noGrains],
    manner: 'In a bowl, the plug in; pearls, opals, emeralds and what is glued: a dry cloth alone.',
  }),
  surface('wicker', 'Wicker', {
    group: 'wood', names: ['rattan', 'basket', 'cane', 'wicker chair'],
    limits: [acid(4, 2, 'bleaches-colour', 'Acid bleaches cane.'), alkali(8.5, 2, 'swells-wood', 'Alkali darkens cane.'), oxidiser(1, 5, 'bleaches-colour', 'Peroxide lightens it.'), alcohol(1, 0, 'strips-finish', 'Alcohol dissolves its varnish.'), oil(0.1, 0, 'strips-finish', 'Oils soften its varnish.'), water(5, 'swells-wood', 'Soaked cane sags.')],
    manner: 'Soft brush; barely wet; dried fast.',
  }),
];

/** What a word people use means among the surfaces: one, several to ask about, or none and the nearest. */
export const surfaceMeaning = meaningsOf(SURFACES, { passedOver: WHEREABOUTS, madeOf: MATERIAL_WORDS });

/** The surfaces that a word or phrase may mean. */
export const surfacesMeant = (text: string): readonly Surface[] => rowsMeant(surfaceMeaning(text));

/** The surface of an id or of a word that means one alone, or null. */
export function surfaceByName(text: string): Surface | null {
  const meaning = surfaceMeaning(text);
  return meaning.kind === 'one' ? meaning.row : null;
}
