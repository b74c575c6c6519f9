import type { DisputedAdviceId } from './disputedAdvice';
import type { CleaningAgentId, DwellMinutes } from './soils';
import type { SourceKey } from './sources';
import type { UseForm } from './useForms';

/** What of a mixture has to lie within which strengths, in the agent's own unit (`soils.ts`): a stronger one is not a better one. */
export interface AgentWindow {
  readonly by: CleaningAgentId;
  readonly from: number;
  readonly to: number;
}

/** What a method is done with: dry, with plain water, or with a mixture whose agents lie within these windows. */
export type MethodNeeds = 'nothing' | 'water' | readonly AgentWindow[];

/** How much of a surface is worked on: a spot, a quarter, or all of it. */
export const SHARES = ['spot', 'part', 'all'] as const;
export type Share = (typeof SHARES)[number];

/** What comes after the dwell and the strokes. */
export type AfterStep = 'rinse' | 'damp-cloth' | 'dry' | 'buff' | 'vacuum' | 'oil' | 'wash' | 'flush' | 'suds' | 'air' | 'boil';

/** How a soil is lifted from a surface. */
export interface Method {
  readonly id: string;
  readonly name: string;
  readonly form: UseForm;
  /** Ids of soils. */
  readonly soils: readonly string[];
  /** Ids of surfaces. */
  readonly where: readonly string[];
  readonly needs: MethodNeeds;
  /** 1 what is done first, 2 good, 3 a last resort. */
  readonly standing: 1 | 2 | 3;
  /** Contact; null for what is done at once. */
  readonly minutes: DwellMinutes | null;
  readonly share: Share;
  /** What is done, where the form alone does not say it. */
  readonly does: string | null;
  /** What is done once its time is over, where the form alone does not say it. */
  readonly then: string | null;
  /** Tool and stroke. */
  readonly stroke: string | null;
  readonly after: readonly AfterStep[];
  /** What has to be so before it is begun. */
  readonly conditions: readonly string[];
  /** True if it takes the place of what the surface asks for: sugar is taken off a hob while it is warm. */
  readonly ownConditions: boolean;
  /** Two ways to one end that are both offered: quick, or overnight. */
  readonly route: 'quick' | 'overnight' | null;
  /** True if it is steamed before. */
  readonly steam: boolean;
  /** mL to a square metre, where it is not what its form usually takes: cream is rubbed on thin. */
  readonly perM2ML: number | null;
  /** What goes into a machine, and the water it dissolves in; null for all else. */
  readonly dose: { readonly massG: number; readonly waterL: number } | null;
  /** Offered only to who holds with one side of a disputed question; null for everybody. */
  readonly school: { readonly id: DisputedAdviceId; readonly choice: string } | null;
  /** What of the kitchen it takes along, by the ids of ingredients: what an earlier job left may not bear it. */
  readonly brings: readonly string[];
  readonly why: string;
  readonly source: SourceKey;
}

const window = (by: CleaningAgentId, from: number, to: number): AgentWindow => ({ by, from, to });
/** Suds, with no acid, no alcohol and hardly any washing soda beside them. */
const surfactant = (from: number, to: number): readonly AgentWindow[] => [window('surfactant', from, to), window('acid', 0, 0.3), window('alcohol', 0, 5), window('alkali', 0, 60)];
/** Synthetic surfactant and no alkali to speak of: dish soap. */
const detergent = (from: number, to: number): readonly AgentWindow[] => [window('detergent', from, to), window('mild-alkali', 0, 5), window('acid', 0, 0.05), window('alcohol', 0, 5)];
const acid = (from: number, to: number): readonly AgentWindow[] => [window('acid', from, to)];
const alkali = (from: number, to: number): readonly AgentWindow[] => [window('alkali', from, to)];
const soda = (from: number, to: number): readonly AgentWindow[] => [window('mild-alkali', from, to)];
const oxidiser = (from: number, to: number): readonly AgentWindow[] => [window('oxidiser', from, to), window('alcohol', 0, 1), window('acid', 0, 0.5)];
const alcohol = (from: number, to: number): readonly AgentWindow[] => [window('alcohol', from, to), window('acid', 0, 0.1)];

// Classes of surfaces, by how they are cleaned.
const CALCITE = ['marble', 'limestone', 'travertine', 'terrazzo'] as const;
const STONE = [...CALCITE, 'granite-sealed', 'granite-unsealed', 'slate', 'engineered-quartz', 'soapstone'] as const;
const ACID_SHY_STONE = STONE.filter((s) => s !== 'soapstone');
const DENSE_TILE = ['glazed-tile', 'quarry-tile'] as const;
const GROUT = ['cement-grout', 'epoxy-grout'] as const;
const TILE = [...DENSE_TILE, 'unglazed-tile', ...GROUT] as const;
const BATHS = ['bath-enamel', 'old-enamel', 'acrylic'] as const;
const PLATED = ['chrome', 'shower-head', 'coated-tap'] as const;
const FINE_METAL = ['brass', 'lacquered-brass', 'silver'] as const;
const WOOD = ['varnished-wood', 'waxed-wood', 'cork-floor', 'bamboo-floor', 'wicker'] as const;
const PAINT = ['matt-paint', 'gloss-paint'] as const;
const PILE = ['carpet', 'wool-silk', 'upholstery', 'mattress', 'blind-cloth'] as const;
const LEATHERS = ['leather', 'car-leather'] as const;
/** Washing machine, dishwasher and the like: they are run, never filled with suds. */
const MACHINES = ['machine-inside', 'washing-machine', 'dishwasher'] as const;
const GARDEN = ['garden-teak', 'garden-plastic'] as const;
const CHINA = ['glazed-tile', 'ceramic-sink'] as const;
/** Plastics that bear suds, oils and oxygen. */
const TOUGH_PLASTIC = ['plastic-pe-pp', 'board-plastic'] as const;
const OUTDOORS = ['brick', 'outdoor-stone'] as const;
/** What is only ever mopped, and is no worktop. */
const FLOORS = ['vinyl-floor', 'linoleum', 'quarry-tile', 'unglazed-tile', 'terrazzo', 'concrete', 'sealed-concrete', 'cork-floor', 'bamboo-floor'] as const;
/** What bears a wet cloth and is rinsed with one. */
const WASHED = [...STONE, ...TILE, 'concrete', 'silicone-sealant', 'glass', 'induction-hob', 'stainless-steel', ...PLATED, 'aluminium', 'knife', ...FINE_METAL, 'enamel', 'oven-racks', ...BATHS, 'polystyrene', 'vinyl-floor', 'linoleum', 'laminate', 'rubber', 'sealed-concrete', 'ceramic-sink', 'composite-sink', 'shower-door', 'drinking-glass', 'thermos', 'non-stick', 'oven-door-glass', 'gas-hob', 'door-handle', 'blind-metal', 'painted-metal', ...TOUGH_PLASTIC, 'soft-touch-plastic', 'garden-plastic', 'pvc-window-frame', 'extractor-filter-steel', 'extractor-filter-aluminium', 'fridge-inside', 'shower-curtain', 'jewellery'] as const;
/** Of these, what can be sprayed on. */
const SPRAYED = [...DENSE_TILE, 'epoxy-grout', 'induction-hob', 'stainless-steel', 'enamel', 'bath-enamel', 'acrylic', 'laminate', 'polystyrene', 'ceramic-sink', 'shower-door', ...TOUGH_PLASTIC, 'garden-plastic', 'pvc-window-frame'] as const;
const but = (all: readonly string[], ...out: readonly string[]): string[] => all.filter((s) => !out.includes(s));

interface More {
  readonly share?: Share;
  readonly does?: string;
  readonly then?: string;
  readonly stroke?: string;
  readonly after?: readonly AfterStep[];
  readonly conditions?: readonly string[];
  readonly ownConditions?: true;
  readonly route?: Method['route'];
  readonly steam?: true;
  readonly perM2ML?: number;
  readonly dose?: Method['dose'];
  readonly school?: Method['school'];
  readonly brings?: readonly string[];
  readonly source?: SourceKey;
}

type Minutes = readonly [useful: number, best: number, longest: number] | null;

const method = (id: string, name: string, form: UseForm, soils: string, where: readonly string[], needs: MethodNeeds, standing: Method['standing'], minutes: Minutes, why: string, more: More = {}): Method => ({
  id, name, form, soils: soils.split(' '), where: [...new Set(where)], needs, standing,
  minutes: minutes && { useful: minutes[0], best: minutes[1], longest: minutes[2] },
  share: more.share ?? 'all', does: more.does ?? null, then: more.then ?? null, stroke: more.stroke ?? null, after: more.after ?? ['damp-cloth', 'dry'], conditions: more.conditions ?? [], ownConditions: more.ownConditions ?? false,
  route: more.route ?? null, steam: more.steam ?? false, perM2ML: more.perM2ML ?? null, dose: more.dose ?? null, school: more.school ?? null, brings: more.brings ?? [], why, source: more.source ?? 'common-practice',
});

const MOULD_CARE = ['Gloves, an FFP2 or N95 mask, glasses; who has asthma leaves the room.'] as const;
const mould = (more: More = {}): More => ({ share: 'part', source: 'epa-mould-memory', ...more, conditions: [...MOULD_CARE, ...(more.conditions ?? [])] });
const DRY: More = { after: [] };
/** Holds where there are joints beside it. */
export const JOINTS = 'Joints wetted with plain water first, and rinsed after.';
const OPEN_WINDOW = 'A little on a cloth, the window open, nothing hot.';

/**
 * How a soil is lifted from a surface, by those who do it every day: this table says what is recommended; what a
 * surface stands says what is allowed. Washing soda is anhydrous in every figure. Common practice, no source,
 * unless one is named.
 */
export const METHODS: readonly Method[] = [
  // Dust, hair, pollen: dry everywhere.
  method('dust-dry', 'Dry dusting', 'dry', 'dust', [...but(WASHED, ...FLOORS), 'mirror', 'stove-glass', 'cast-iron', 'varnished-wood', 'waxed-wood', 'wicker', ...PAINT, ...MACHINES, ...GARDEN, 'toilet-bowl', 'steam-iron'], 'nothing', 1, null, 'Dry it comes away; wet it turns to mud.', { ...DRY, does: 'Dry microfibre or a soft brush, from the top down.' }),
  method('dust-screen', 'Dry microfibre', 'dry', 'dust fingerprints', ['coated-screen'], 'nothing', 1, null, 'A clean dry microfibre takes it; its coating bears nothing else.', { ...DRY, does: 'Wipe with a clean dry microfibre, without pressing.' }),
  method('dust-power-off', 'Dry, with the power off', 'dry', 'dust', ['sockets', 'oven-element'], 'nothing', 1, null, 'Water and current do not meet: a brush and the vacuum do it.', { ...DRY, does: 'Soft brush and vacuum nozzle; then a dry cloth.' }),
  method('dust-paper', 'Dry dusting', 'dry', 'dust soot', ['wallpaper', 'catalytic-liner'], 'nothing', 1, null, 'Dry it comes away; wet it is rubbed in.', { ...DRY, does: 'Vacuum with the soft brush held off it, or a dry soft cloth, from the top down.' }),
  method('vacuum', 'Vacuum', 'dry', 'dust daily-dirt', PILE, 'nothing', 1, null, 'What is loose goes dry; water would felt it in.', { ...DRY, does: 'Vacuum slowly, along the pile and across it. Cloth that can be shaken is shaken out of doors.' }),
  method('vacuum-cloth', 'Vacuum or shake', 'dry', 'dust', ['cotton'], 'nothing', 1, null, 'What is loose goes dry.', { ...DRY, does: 'Shaken out of doors, or vacuumed.' }),
  method('sweep', 'Sweep or vacuum', 'dry', 'dust', [...FLOORS, ...OUTDOORS], 'nothing', 1, null, 'What is loose goes dry.', { ...DRY, does: 'Sweep or vacuum from the far corner to the door.' }),
  method('dust-damp', 'Barely damp cloth', 'cloth', 'dust', [...but(WASHED, 'oven-racks', 'soft-touch-plastic'), 'mirror', 'gloss-paint', 'varnished-wood', 'stove-glass'], 'water', 2, null, 'After the dry one, a barely damp microfibre holds what is left.', { does: 'After dusting dry: wipe with a microfibre wrung nearly dry.', after: ['dry'] }),

  // Daily dirt.
  method('wash-cloth', 'Soapy cloth', 'cloth', 'daily-dirt', but(WASHED, ...STONE, ...FLOORS, ...PLATED, 'glass'), surfactant(0.3, 6), 1, [1, 2, 3], 'A little surfactant loosens what water alone leaves.', {}),
  method('window-wash', 'Washed, then drawn off', 'cloth', 'daily-dirt', ['glass'], surfactant(0.1, 6), 1, [0, 1, 2], 'A little surfactant loosens what water alone leaves; drawn off wet, nothing dries to a streak.', { does: 'Wash it with a wet cloth or sponge; at once a squeegee from the top down, its blade wiped after each stroke.', after: ['dry'] }),
  method('wash-stone', 'Dish soap on stone', 'cloth', 'daily-dirt fingerprints', but(STONE, 'terrazzo'), detergent(0.2, 5), 1, [1, 2, 3], 'A pH-neutral detergent takes the film and leaves the polish.', {}),
  method('wash-tap', 'Soapy cloth', 'cloth', 'daily-dirt fingerprints', [...PLATED, ...FINE_METAL], surfactant(0.2, 6), 1, [0, 1, 2], 'A drop of soap, wiped and dried at once, leaves no spots.', { after: ['damp-cloth', 'buff'] }),
  method('wash-spray', 'Soapy spray', 'spray', 'daily-dirt', but(SPRAYED, 'quarry-tile'), surfactant(0.3, 6), 1, [1, 2, 3], 'A little surfactant loosens what water alone leaves.', {}),
  method('mop', 'Wrung mop', 'bucket', 'daily-dirt mud', FLOORS, detergent(0.1, 4), 1, [1, 1, 5], 'A mop wrung well carries the dirt off and leaves no puddle.', { does: 'Sweep first. Wring the mop well; from the far corner to the door; change the water when it is grey.', after: ['dry'] }),
  method('mop-second', 'Wrung mop', 'bucket', 'daily-dirt', ['laminate', 'glazed-tile', 'slate', 'marble', 'limestone', 'travertine', 'granite-sealed', 'granite-unsealed'], detergent(0.1, 4), 2, [1, 1, 5], 'Where it is a floor: a mop wrung well.', { does: 'Where it is a floor: sweep, wring the mop well, from the far corner to the door.', after: ['dry'] }),
  method('floor-cloth', 'Soapy cloth', 'cloth', 'daily-dirt', FLOORS, detergent(0.1, 5), 2, [1, 2, 3], 'For a patch of floor a cloth will do.', { share: 'part' }),
  method('wood-cloth', 'Cloth nearly dry', 'cloth', 'daily-dirt fingerprints', WOOD, detergent(0.1, 3), 1, [0, 1, 2], 'Hardly any water: wood swells before dirt does.', { stroke: 'With the grain.', after: ['dry'] }),
  method('paint-cloth', 'Barely damp soapy cloth', 'cloth', 'daily-dirt fingerprints', PAINT, detergent(0.1, 3), 1, [0, 1, 3], 'A barely damp cloth takes the film and leaves the paint.', { stroke: 'From the bottom up, light strokes.', after: ['damp-cloth', 'dry'] }),
  method('screen-damp', 'Distilled water on the cloth', 'cloth', 'daily-dirt fresh-grease starch-sugar protein sticky', ['coated-screen'], 'water', 1, null, 'After the dry cloth, distilled water leaves no spots and no coating lost.', { does: 'Dry microfibre first, then one breath of distilled water on the cloth, never on the screen.', after: ['dry'] }),
  method('cloth-wash', 'The wash', 'machine', 'daily-dirt', ['cotton'], 'water', 1, null, 'What can be washed is washed.', { does: 'Into the wash by its label, with your usual detergent.', after: ['air'] }),
  method('curtain-wash', 'The wash, with towels', 'machine', 'daily-dirt soap-scum mould', ['shower-curtain'], 'water', 1, null, 'Towels rub it clean in the drum.', { does: 'Hooks off; 30 to 40 °C with towels and your usual detergent; hung up wet.', after: ['air'] }),
  method('wash-powder', 'The wash, with your own powder', 'machine', 'daily-dirt', ['cotton'], [window('alkali', 1, 200), window('surfactant', 0.2, 10)], 1, null, 'Soda, oxygen bleach and soap in the wash water.', { does: 'Two tablespoons to a load, by its label.', after: ['air'], dose: { massG: 40, waterL: 15 } }),
  method('pile-blot', 'Blot with suds', 'blot', 'daily-dirt', PILE, detergent(0.5, 5), 2, [1, 2, 5], 'After the vacuum: little water, no rubbing.', { share: 'spot', after: ['damp-cloth', 'dry'] }),
  method('leather-dry', 'Dry cloth', 'dry', 'daily-dirt dust fingerprints', LEATHERS, 'nothing', 1, null, 'A dry cloth and a soft brush take most of it, and leave no ring.', { ...DRY, does: 'Soft brush along the seams, then a dry cloth.' }),
  method('leather-damp', 'Barely damp cloth', 'cloth', 'daily-dirt fresh-grease sticky protein tannin starch-sugar mud', LEATHERS, detergent(0.1, 2), 2, [0, 1, 2], 'A pH-neutral detergent, barely damp, wiped from seam to seam.', { after: ['dry'] }),
  method('sockets-damp', 'Cloth just damp, power off', 'cloth', 'daily-dirt fingerprints fresh-grease', ['sockets'], 'water', 1, null, 'With the power off, a cloth wrung out of warm soapy water takes the film.', { does: 'Cloth wrung nearly dry out of warm water with a drop of dish soap; never sprayed.', after: ['dry'], brings: ['dish-soap'] }),
  method('paper-eraser', 'Soft eraser or dough', 'dry', 'daily-dirt fingerprints', ['wallpaper'], 'nothing', 1, null, 'Dough or a soft eraser takes the mark; water stains and loosens it.', { ...DRY, share: 'spot', does: 'Roll soft dough or a clean eraser over it, from the top down.' }),
  method('mirror-damp', 'Damp cloth', 'cloth', 'daily-dirt fresh-grease', ['mirror'], 'water', 1, null, 'Water on the cloth dissolves splashes of toothpaste.', { does: 'Wipe with a microfibre damped with warm water, off the edges.', after: ['buff'] }),
  method('mirror-suds', 'A trace of soap on the cloth', 'cloth', 'daily-dirt soap-scum fresh-grease', ['mirror'], detergent(0.05, 4), 2, [0, 1, 1], 'A trace of soap takes what is greasy.', { does: 'Spray the cloth, not the mirror; wipe, off the edges.', after: ['damp-cloth', 'buff'] }),
  method('bowl-brush', 'Soap and the brush', 'fill', 'daily-dirt smell', ['toilet-bowl'], 'water', 1, [1, 5, 15], 'The weekly round: a squirt of dish soap, the brush, a flush.', { does: 'A squirt of dish soap into the bowl, all round.', then: 'Brush all round and under the rim; the seat with a cloth of its own.', after: ['flush'], brings: ['dish-soap'] }),
  method('bowl-suds', 'Soapy spray and the brush', 'spray', 'daily-dirt', ['toilet-bowl'], surfactant(0.5, 10), 2, [1, 3, 10], 'Suds on the seat and the outside, each with its own cloth.', { after: ['flush'] }),
  method('bowl-fizz', 'Fizzing powder, then the brush', 'strew', 'daily-dirt smell', ['toilet-bowl'], [window('absorbent', 30, 100)], 3, [1, 5, 15], 'The fizz loosens a little; the brush does the work.', { does: 'A spoonful into the bowl, let it fizz, brush.', conditions: ['Nothing else in the bowl, bleach above all.'], after: ['flush'] }),
  method('appliance-wipe', 'Damp cloth', 'cloth', 'daily-dirt starch-sugar protein', MACHINES, 'water', 1, null, 'Suds inside foam over: a damp cloth for the seal and the edges.', { does: 'Wipe seal, edge and drawer with a damp cloth.', after: ['dry'] }),
  method('stove-glass-damp', 'Damp cloth', 'cloth', 'daily-dirt limescale', ['stove-glass'], 'water', 1, null, 'Water takes the splash; acid would go for the rope.', { does: 'On the cold glass: damp cloth, then dry.', after: ['dry'] }),
  method('iron-rinse', 'Hot water and a brush', 'hand', 'daily-dirt protein starch-sugar tannin sticky', ['cast-iron'], 'water', 1, [0, 1, 2], 'Hot water and a brush; soap seldom; dry over heat at once.', { does: 'While it is warm: hot water and a brush, no soak.', after: ['dry', 'oil'] }),
  method('outdoor-sweep', 'Brush it dry', 'dry', 'daily-dirt mud', OUTDOORS, 'nothing', 1, null, 'A stiff broom takes most of it.', { ...DRY, does: 'Stiff broom, dry, along the joints.' }),
  method('outdoor-suds', 'Brush and suds', 'bucket', 'daily-dirt mould fresh-grease mud pollen', [...OUTDOORS, ...GARDEN], surfactant(0.2, 8), 2, [2, 5, 15], 'Suds and a stiff broom; rinse away from the plants.', { share: 'part', does: 'Wet it, and brush the suds in.', stroke: 'A brush; on paving a stiff one.', after: ['rinse'] }),
  method('acid-film', 'Dilute acid', 'spray', 'daily-dirt', ['glazed-tile', 'glass'], acid(0.3, 3), 2, [1, 3, 5], 'Dilute acid lifts the mineral part of the film.', { conditions: [JOINTS] }),
  method('liner-programme', 'Its own programme', 'heat', 'burnt-on fresh-grease starch-sugar smell rust daily-dirt', ['catalytic-liner'], 'nothing', 1, null, 'It burns itself clean; any cleaner clogs it.', { does: 'Racks out, its own programme, the window open, birds out of the home; once cold, wipe off the ash with a barely damp cloth.', after: [], ownConditions: true }),

  // Fresh grease.
  method('absorb', 'Absorb it', 'absorb', 'fresh-grease', [...STONE, 'concrete', 'unglazed-tile', 'quarry-tile', ...GROUT, ...WOOD, ...PILE, 'cotton', ...LEATHERS, ...OUTDOORS, 'sealed-concrete', 'garden-teak', 'trainers'], 'nothing', 1, [5, 10, 15], 'Powder drinks it up before water spreads it.', { share: 'spot', does: 'Flour, starch or baking soda on it, thick.', then: 'Lift it off with a card; do not rub.', after: ['vacuum'], brings: ['baking-soda'] }),
  method('absorb-strewn', 'Strew powder', 'absorb', 'fresh-grease', [...STONE, 'concrete', 'unglazed-tile', 'quarry-tile', ...GROUT, 'varnished-wood', 'carpet', 'cotton', 'sealed-concrete', 'upholstery', ...OUTDOORS], [window('absorbent', 50, 100)], 2, [5, 10, 15], 'Dry powder drinks it up before any water.', { share: 'spot', does: 'Strew it thick.', then: 'Lift it off with a card; do not rub.', after: ['vacuum'] }),
  method('press-paper', 'Press paper on it', 'absorb', 'fresh-grease tannin', [...PAINT, 'wallpaper'], 'nothing', 1, [1, 2, 5], 'Paper draws it out of what stands upright.', { share: 'spot', does: 'Press kitchen paper on it while it is wet, a fresh piece each time. Do not rub.', after: [] }),
  method('wipe-out', 'Wipe it out', 'dry', 'fresh-grease', ['cast-iron', 'oven-element', 'barbecue-grate', 'non-stick'], 'nothing', 1, null, 'Paper takes it while it is soft.', { ...DRY, does: 'Wipe it off with paper.' }),
  method('grease-cloth', 'Soapy cloth', 'cloth', 'fresh-grease', [...but(WASHED, ...STONE, 'concrete', 'sealed-concrete', 'unglazed-tile', 'cement-grout', ...PLATED)], surfactant(1, 10), 1, [1, 3, 10], 'Surfactant wraps the grease so that water carries it off.', {}),
  method('grease-spray', 'Soapy spray', 'spray', 'fresh-grease', SPRAYED, surfactant(1, 10), 1, [1, 3, 10], 'Surfactant wraps the grease so that water carries it off.', {}),
  method('grease-stone', 'Dish soap after it', 'cloth', 'fresh-grease', [...STONE, 'concrete', 'unglazed-tile', 'cement-grout', ...PLATED, 'toilet-bowl', 'sealed-concrete'], detergent(1, 10), 2, [1, 3, 10], 'What the powder left, with dish soap.', { share: 'part' }),
  method('grease-soda', 'Washing soda', 'spray', 'fresh-grease', ['enamel', 'bath-enamel', 'glazed-tile', 'stainless-steel', 'oven-racks', 'ceramic-sink', 'oven-door-glass'], alkali(80, 450), 2, [2, 5, 10], 'Alkali turns some of the fat to soap.', { conditions: ['Gloves.'], after: ['rinse', 'dry'] }),
  method('grease-soak', 'Hot soapy soak', 'soak', 'fresh-grease', ['aluminium', 'oven-racks', 'polystyrene', 'extractor-filter-aluminium', 'gas-hob', 'non-stick', ...TOUGH_PLASTIC], 'water', 1, [10, 20, 60], 'Hot suds take the grease out of mesh and corners.', { does: 'Lay it in hot water with a good squirt of dish soap.', after: ['rinse', 'dry'], brings: ['dish-soap'] }),
  method('grease-soak-steel', 'Hot soapy soak', 'soak', 'fresh-grease', ['extractor-filter-steel'], 'water', 2, [10, 20, 60], 'Hot suds take what is not old yet.', { does: 'Lay it in hot water with a good squirt of dish soap.', after: ['rinse', 'dry'], brings: ['dish-soap'] }),
  method('grease-filter-soda', 'Hot washing-soda soak', 'soak', 'fresh-grease', ['extractor-filter-steel'], alkali(150, 1300), 1, [15, 30, 60], 'Hot alkali turns the fat in its layers to soap.', { conditions: ['Gloves; only steel goes in.'], after: ['rinse', 'dry'] }),
  method('grease-rack-soak', 'Hot washing-soda soak', 'soak', 'fresh-grease', ['oven-racks'], alkali(150, 1300), 2, [15, 30, 60], 'Hot alkali turns the fat to soap.', { conditions: ['Gloves; only steel goes in.'], after: ['rinse', 'dry'] }),
  method('grease-cotton', 'Dish soap rubbed in', 'hand', 'fresh-grease make-up sunscreen crayon', ['cotton', 'trainers'], 'water', 1, [5, 15, 60], 'Dish soap on the spot, then the wash.', { share: 'spot', does: 'A drop of dish soap on the spot, rubbed in softly with a little water.', after: ['wash'], brings: ['dish-soap'] }),
  method('grease-pile', 'Blot with suds', 'blot', 'fresh-grease make-up sunscreen mud', PILE, detergent(0.5, 5), 2, [1, 3, 10], 'After the powder: little water, from the edge inward.', { share: 'spot', after: ['damp-cloth', 'dry'] }),
  method('grease-wood', 'Cloth nearly dry', 'cloth', 'fresh-grease protein starch-sugar tannin mud crayon nicotine scuffs turmeric', [...WOOD, 'garden-teak'], detergent(0.1, 5), 2, [0, 1, 2], 'What is left, with hardly any water.', { share: 'part', stroke: 'With the grain.', after: ['dry'] }),
  method('grease-paint', 'Barely damp soapy cloth', 'cloth', 'fresh-grease protein starch-sugar tannin crayon', PAINT, detergent(0.1, 5), 1, [0, 2, 4], 'After the paper: a barely damp soapy cloth, then plain.', { share: 'part' }),
  method('hot-run', 'Hot empty run', 'machine', 'fresh-grease smell tannin protein starch-sugar', [...MACHINES], 'water', 1, null, 'Its filter washed by hand, then the hottest run, empty, does more than any cleaner.', { does: 'Filter out and brushed under hot water; seal wiped; then the hottest programme, empty.', after: ['air'] }),

  // Baked-on.
  method('hob-paste', 'Soda and a soapy spray', 'paste', 'burnt-on', ['induction-hob'], soda(250, 20000), 1, [10, 15, 20], 'Soda kept wet softens it; a scraper laid flat lifts it.', { share: 'spot', does: 'Strew or spread it on the spots, spray soapy water over it, and keep it wet.', stroke: 'Plastic scraper, or one made for hobs, laid flat.' }),
  method('hob-scraper', 'Scraper, cold', 'dry', 'burnt-on', ['induction-hob'], 'nothing', 2, null, 'A blade made for hobs, laid flat, lifts what is thick.', { ...DRY, share: 'spot', does: 'Hob scraper laid flat, short strokes, cold.' }),
  method('hob-suds', 'Soapy cloth laid on', 'cloth', 'burnt-on', ['induction-hob', ...DENSE_TILE, 'unglazed-tile', 'epoxy-grout', 'cement-grout'], surfactant(1, 10), 2, [15, 20, 30], 'A wet soapy cloth left on it softens the crust.', { share: 'spot', does: 'Lay the wet cloth on it.' }),
  method('oven-quick', 'Steam, then paste', 'paste', 'burnt-on', ['enamel'], soda(250, 20000), 1, [20, 30, 40], 'Steam softens the crust; paste kept damp does the rest.', { share: 'part', route: 'quick', steam: true, conditions: ['Door and element openings kept clear of paste.'], stroke: 'Plastic scraper, then a damp cloth.', after: ['rinse', 'dry'] }),
  method('oven-overnight', 'Paste overnight', 'paste', 'burnt-on', ['enamel'], [...soda(250, 20000), window('detergent', 0, 2)], 1, [480, 720, 960], 'Cold and overnight it dries into the crust and takes it along.', { share: 'part', route: 'overnight', conditions: ['Door and element openings kept clear of paste.'], stroke: 'Plastic scraper, then a damp cloth.', after: ['rinse', 'dry'] }),
  method('rack-soak', 'Hot washing-soda soak', 'soak', 'burnt-on', ['oven-racks'], alkali(300, 1500), 1, [240, 480, 720], 'Hot alkali turns old fat to soap, given hours.', { conditions: ['Gloves; only steel goes in, nothing of aluminium.'], stroke: 'Then a brush.', after: ['rinse', 'dry'] }),
  method('pan-simmer', 'Soda simmered in it', 'fill', 'burnt-on', ['stainless-steel'], 'water', 1, [10, 15, 20], 'Soda and water simmered in the pan lift the crust.', { share: 'part', does: 'Two fingers of water and a tablespoon of baking soda in it; bring it to a simmer.', then: 'Off the heat, let it cool; push the crust off with a wooden spoon.', ownConditions: true, after: ['rinse', 'dry'], brings: ['baking-soda'] }),
  method('steel-paste', 'Soda paste', 'paste', 'burnt-on', ['stainless-steel', 'oven-racks', ...DENSE_TILE, 'unglazed-tile', ...GROUT], soda(250, 20000), 2, [15, 20, 60], 'Soda paste kept damp softens the crust.', { share: 'spot', stroke: 'Along the grain or the line, soft pad.', after: ['rinse', 'dry'] }),
  method('aluminium-soak', 'Hot soapy soak', 'soak', 'burnt-on', ['aluminium', 'stainless-steel', 'gas-hob', 'extractor-filter-steel', 'extractor-filter-aluminium', 'non-stick', 'barbecue-grate'], 'water', 1, [20, 30, 60], 'Hot suds, given time: soda would blacken aluminium.', { after: ['rinse', 'dry'], stroke: 'Soft pad.', does: 'Fill it with, or lay it in, hot water with a good squirt of dish soap.', brings: ['dish-soap'] }),
  method('iron-salt', 'Salt and oil', 'hand', 'burnt-on rust smell', ['cast-iron'], 'nothing', 1, null, 'Coarse salt rubbed with a little oil scours bare iron and leaves its skin.', { share: 'part', does: 'A spoon of coarse salt and a little oil, rubbed round with paper; wipe it out.', after: ['dry', 'oil'], brings: ['salt', 'olive-oil'] }),
  method('iron-boil', 'Boiling water and a scraper', 'fill', 'burnt-on', ['cast-iron'], 'water', 1, [1, 2, 2], 'A little boiling water and a wooden scraper loosen the crust.', { share: 'part', does: 'A little boiling water in the warm pan, scrape with wood, pour it out.', ownConditions: true, after: ['dry', 'oil'] }),
  method('knife-wrap', 'Wrapped in a soapy cloth', 'bag', 'burnt-on', ['knife'], detergent(1, 10), 1, [4, 5, 8], 'A wet soapy cloth round the blade, not a bath.', { share: 'spot', after: ['rinse', 'dry'] }),
  method('sole-plate', 'Damp cotton cloth', 'cloth', 'burnt-on', ['steam-iron'], 'water', 1, null, 'Lukewarm and unplugged, it comes off on damp cotton.', { share: 'spot', does: 'Unplugged and lukewarm: rub the sole plate over a damp cotton cloth; wooden spatula for melted fibre.', after: ['dry'], ownConditions: true, conditions: ['Unplugged, lukewarm.'] }),

  // Soap scum.
  method('scum-acid', 'Dilute citric acid with soap', 'spray', 'soap-scum', ['glazed-tile', 'quarry-tile', 'epoxy-grout', 'glass', 'ceramic-sink'], [window('acid', 0.8, 3.2), window('detergent', 0.3, 10)], 1, [3, 8, 10], 'Acid takes the calcium out of it, the soap the fat.', { conditions: [JOINTS], stroke: 'Sponge or soft brush, from the top down.', after: ['rinse', 'dry'] }),
  method('scum-acid-plain', 'Dilute acid', 'spray', 'soap-scum', ['glazed-tile', 'quarry-tile', 'epoxy-grout', 'glass', 'stainless-steel', 'ceramic-sink'], acid(0.8, 3.2), 2, [3, 8, 10], 'Acid takes the calcium out of it.', { conditions: [JOINTS], stroke: 'Sponge or soft brush, from the top down.', after: ['rinse', 'dry'] }),
  method('scum-suds', 'Dish soap and a soft cloth', 'cloth', 'soap-scum', [...BATHS, ...PLATED, 'stainless-steel', 'silicone-sealant', 'rubber', 'laminate', 'polystyrene', 'shower-door', 'composite-sink', 'ceramic-sink', 'jewellery'], detergent(1, 20), 1, [2, 5, 10], 'Hot dish soap and rubbing take it without harm.', { stroke: 'Soft sponge, in circles.', after: ['rinse', 'dry'] }),
  method('scum-suds-spray', 'Dish-soap spray', 'spray', 'soap-scum', ['bath-enamel', 'acrylic'], detergent(1, 20), 1, [2, 5, 10], 'Dish soap and rubbing take it without harm.', { stroke: 'Soft sponge, in circles.', after: ['rinse', 'dry'] }),
  method('scum-cream', 'Scouring cream', 'paste', 'soap-scum', ['bath-enamel'], [window('grains', 5, 100), window('surfactant', 5, 300)], 1, [1, 5, 10], 'Fine grains in soap rub the film off enamel.', { perM2ML: 80, does: 'Rub it on thin with a damp sponge.', stroke: 'Soft sponge, in circles.', after: ['rinse', 'dry'] }),
  method('scum-cream-tile', 'Scouring cream', 'paste', 'soap-scum', ['glazed-tile', 'quarry-tile', 'ceramic-sink'], [window('grains', 5, 100), window('surfactant', 5, 300)], 2, [1, 5, 10], 'Fine grains in soap rub the film off.', { perM2ML: 80, does: 'Rub it on thin with a damp sponge.', stroke: 'Sponge, in circles.', after: ['rinse', 'dry'] }),
  method('scum-grout', 'Soda and dish soap', 'paste', 'soap-scum', GROUT, [window('mild-alkali', 250, 20000), window('surfactant', 5, 300)], 1, [5, 10, 15], 'Soda and soap, brushed along the line; acid would eat the cement.', { share: 'part', stroke: 'Narrow brush along the line.', after: ['rinse', 'dry'] }),
  method('scum-stone', 'Dish soap and a soft brush', 'cloth', 'soap-scum', [...STONE, 'unglazed-tile'], detergent(0.5, 8), 1, [2, 5, 10], 'A pH-neutral detergent and a soft brush: acid would take the polish.', { stroke: 'Soft brush.', after: ['rinse', 'dry'] }),
  method('scum-grout-suds', 'Dish soap and a narrow brush', 'cloth', 'soap-scum', GROUT, detergent(0.5, 8), 2, [2, 5, 10], 'What is light goes with dish soap and a brush.', { share: 'part', stroke: 'Narrow brush along the line.', after: ['rinse', 'dry'] }),
  method('scum-citric-weak', 'Weak citric acid, brief', 'cloth', 'soap-scum', ['bath-enamel', 'acrylic', 'chrome', 'shower-head', 'shower-door', 'composite-sink'], acid(0.4, 1.9), 2, [2, 3, 4], 'Weak acid, brief, for what soap leaves.', { share: 'part', after: ['rinse', 'dry'] }),
  method('scum-mirror', 'Damp cloth', 'cloth', 'soap-scum', ['mirror'], 'water', 1, null, 'Warm water on the cloth softens the splash.', { share: 'part', does: 'Wipe with a microfibre damped with warm water, off the edges.', after: ['buff'] }),
  method('drawer-brush', 'Drawer out, hot water, brush', 'hand', 'soap-scum', ['machine-inside', 'washing-machine'], 'water', 1, [2, 5, 20], 'The drawer comes out and is brushed by hand.', { share: 'part', does: 'Take the drawer out and lay it in hot water.', then: 'An old toothbrush into its corners; wipe where it sits.', after: ['dry'] }),

  // Limescale.
  method('scale-tile', 'Dilute acid', 'spray', 'limescale', ['glazed-tile', 'quarry-tile', 'epoxy-grout'], acid(1.4, 3.2), 1, [4, 8, 10], 'Acid dissolves it, fizzing.', { share: 'part', conditions: [JOINTS], stroke: 'A brush, from the top down.', after: ['rinse', 'dry'] }),
  method('scale-glass', 'Dilute acid', 'spray', 'limescale', ['glass', 'stainless-steel', 'ceramic-sink'], acid(1.4, 5.2), 1, [3, 8, 15], 'Acid dissolves it, fizzing.', { share: 'part', stroke: 'Soft pad.', after: ['rinse', 'dry'] }),
  method('scale-cloth', 'Acid on a cloth', 'cloth', 'limescale', ['glass', 'stainless-steel', 'soapstone', 'silicone-sealant', 'induction-hob', 'ceramic-sink', 'drinking-glass'], acid(1.4, 5.2), 1, [3, 5, 10], 'Acid dissolves it, fizzing; a cloth keeps it wet.', { share: 'part', after: ['rinse', 'dry'] }),
  method('scale-chrome', 'Wrapped in weak citric acid', 'bag', 'limescale', ['chrome'], acid(0.7, 2.6), 1, [5, 10, 10], 'Weak acid held wet dissolves it before it finds the pores of the plate.', { does: 'Paper wet with it wrapped round.', after: ['rinse', 'buff'] }),
  method('scale-head', 'Bag of acid', 'bag', 'limescale', ['shower-head'], acid(2, 6), 1, [20, 60, 60], 'Acid in the jets, an hour at a time; repeated rather than longer.', { does: 'Bag over the head until its face is under; or unscrew it into a bowl.', stroke: 'Soft brush over the jets, then hot water through.', after: ['rinse', 'dry'], conditions: ['Chrome alone: a coloured or black head gets dish soap and no acid.'] }),
  method('scale-kettle', 'Fill with citric acid', 'fill', 'limescale', ['kettle'], acid(1.6, 3), 1, [15, 20, 30], '20 to 30 g of citric acid in a litre of warm water, not boiled.', { does: 'Fill it warm to above the scale, and do not boil it.', conditions: ['A kettle of aluminium or bare copper: never.'], after: ['rinse', 'boil'] }),
  method('scale-machine', 'Citric acid, empty run', 'machine', 'limescale', [...MACHINES], acid(0.4, 3), 1, null, 'A washing machine or dishwasher: 60 to 100 g of citric acid, empty, 40 to 60 °C.', { does: 'Into the drum or the bottom of the machine: run it empty, 40 to 60 °C, no prewash, no powder, never with bleach.', dose: { massG: 80, waterL: 10 }, conditions: ['Only where the maker permits it.'], after: ['air'] }),
  method('scale-acrylic', 'Weak citric acid', 'cloth', 'limescale', ['acrylic', 'composite-sink', 'shower-curtain', 'litter-tray'], acid(0.7, 2.6), 1, [2, 5, 5], 'Weak acid, five minutes.', { share: 'part', after: ['rinse', 'dry'] }),
  method('scale-acrylic-spray', 'Weak citric acid, sprayed', 'spray', 'limescale', ['acrylic'], acid(0.7, 2.6), 1, [2, 5, 5], 'Weak acid, five minutes.', { share: 'part', after: ['rinse', 'dry'] }),
  method('scale-enamel', 'Weak citric acid, brief', 'cloth', 'limescale', ['bath-enamel'], acid(0.4, 2), 1, [2, 3, 4], 'Weak acid, three minutes and rinsed: longer dulls enamel.', { share: 'part', after: ['rinse', 'dry'] }),
  method('scale-scrape', 'Scrape softly, then dish soap', 'dry', 'limescale', [...ACID_SHY_STONE, 'unglazed-tile', 'cement-grout', 'old-enamel', 'aluminium', 'cast-iron', 'lacquered-brass', 'extractor-filter-aluminium'], 'nothing', 1, null, 'No acid here: wet it, let it soften, and scrape with plastic or wood.', { share: 'spot', does: 'Wet it with warm water, wait, scrape with plastic or wood laid flat; then dish soap and a cloth.', after: ['dry'] }),
  method('scale-suds', 'Dish soap and a soft cloth', 'cloth', 'limescale', [...ACID_SHY_STONE, 'unglazed-tile', 'cement-grout', 'old-enamel', 'aluminium', 'lacquered-brass', 'concrete', 'coated-tap', 'shower-head', 'extractor-filter-aluminium'], detergent(0.5, 10), 2, [2, 5, 15], 'It takes the film that holds the spots; the stone of it stays.', { share: 'part' }),
  method('scale-mirror', 'Damp cloth', 'cloth', 'limescale', ['mirror'], 'water', 1, null, 'Fresh spots go with warm water.', { share: 'part', does: 'Warm water on the cloth, off the edges.', after: ['buff'] }),
  method('scale-mirror-acid', 'Vinegar on the cloth', 'cloth', 'limescale', ['mirror'], acid(0.5, 2.7), 2, [0, 0, 1], 'Dilute acid on the cloth clears the spots, away from the edges.', { share: 'part', does: 'On the cloth alone, never at the edges; wipe off at once.', after: ['damp-cloth', 'buff'] }),
  method('scale-short', 'Dilute acid, wiped off soon', 'cloth', 'limescale', ['brass', 'laminate', 'rubber', 'knife', 'shower-door', 'non-stick'], acid(0.4, 2.7), 1, [0, 1, 5], 'Dilute acid, a minute, wiped off and rinsed.', { share: 'spot', after: ['rinse', 'dry'] }),
  method('scale-bowl', 'Citric acid, the water lowered', 'fill', 'limescale', ['toilet-bowl'], acid(3, 11), 1, [30, 60, 720], 'Strong citric acid, the water lowered, given time.', { does: 'Push the water down with the brush, then pour it in.', stroke: 'Brush it, all round and under the rim.', after: ['flush'], conditions: ['Nothing else in the bowl, bleach above all.'] }),
  method('scale-iron', 'Its own rinse', 'fill', 'limescale', ['steam-iron'], 'water', 1, null, 'Acid loosens scale that then blocks it: plain water, unless the maker says otherwise.', { does: 'Fill it with distilled water, heat it, and shake and steam it out over the sink, by its manual.', after: ['dry'], ownConditions: true }),

  // Rust.
  method('rust-china', 'Citric acid on a cloth', 'cloth', 'rust', [...CHINA, 'epoxy-grout', 'toilet-bowl', 'oven-racks'], acid(2.5, 7), 1, [5, 20, 30], 'Citric acid takes up iron.', { share: 'spot', does: 'Lay the wet cloth on it; renew it.', after: ['rinse', 'dry'] }),
  method('rust-steel', 'Citric acid on a cloth', 'cloth', 'rust', ['stainless-steel', 'quarry-tile', 'soapstone'], acid(2, 7), 1, [5, 15, 15], 'Citric acid takes up iron; a fresh cloth after a quarter of an hour.', { share: 'spot', does: 'Lay the wet cloth on it; renew it rather than leave it.', after: ['rinse', 'dry'] }),
  method('rust-enamel', 'Citric acid, brief', 'cloth', 'rust', ['bath-enamel', 'enamel', 'acrylic', 'composite-sink', 'gas-hob'], acid(0.7, 3), 1, [2, 5, 5], 'Citric acid takes up iron; five minutes and rinsed.', { share: 'spot', after: ['rinse', 'dry'] }),
  method('rust-knife', 'Soda paste rubbed on', 'paste', 'rust', ['knife'], soda(250, 20000), 1, [1, 2, 5], 'Soda rubbed with a cork takes the specks.', { share: 'spot', stroke: 'With a cork, along the blade, away from the edge.', after: ['rinse', 'dry'] }),
  method('rust-wash', 'Soapy cloth', 'cloth', 'rust', ['old-enamel', 'concrete', 'brick', 'outdoor-stone', ...ACID_SHY_STONE, 'unglazed-tile', 'aluminium', 'sealed-concrete', 'painted-metal'], detergent(0.3, 10), 3, [1, 3, 10], 'It takes what is loose; the mark itself needs an acid that this does not bear.', { share: 'spot' }),
  method('rust-grout', 'Weak acid, brief', 'cloth', 'rust', ['cement-grout'], acid(0.7, 3), 3, [2, 3, 5], 'Brief, on sealed grout alone: it eats the cement a little.', { share: 'spot', conditions: [JOINTS], after: ['rinse', 'dry'] }),
  method('rust-cotton', 'Citric acid, then rinse', 'blot', 'rust', ['cotton'], acid(1.4, 6), 1, [10, 20, 60], 'Citric acid takes up iron; bleach would set it for good.', { share: 'spot', after: ['rinse', 'wash'] }),
  method('rust-carpet', 'Weak citric acid, blotted', 'blot', 'rust', ['carpet'], acid(0.4, 3), 2, [2, 5, 10], 'Weak acid, tested out of sight, blotted off with water.', { share: 'spot', after: ['damp-cloth', 'dry'] }),

  // Mould.
  method('mould-brush', 'Soap and a brush', 'cloth', 'mould', [...STONE, ...TILE, 'concrete', 'silicone-sealant', 'glass', ...PLATED, 'aluminium', ...BATHS, 'polystyrene', 'vinyl-floor', 'linoleum', 'laminate', 'rubber', 'toilet-bowl', 'mirror', 'shower-door', 'shower-curtain', 'fridge-inside', ...TOUGH_PLASTIC, 'pvc-window-frame', 'sealed-concrete', 'thermos', 'blind-metal', 'painted-metal', ...GARDEN, 'tent-and-pack', 'board-wood', 'trainers'], detergent(0.3, 20), 1, [1, 5, 10], 'Soap and a brush take it off hard things; dry air keeps it away.', mould({ stroke: 'Brush, wet.', after: ['rinse', 'dry'] })),
  method('mould-peroxide', 'Peroxide, wetted', 'spray', 'mould', ['glazed-tile', 'epoxy-grout', 'glass', 'acrylic', 'bath-enamel', 'laminate', 'vinyl-floor', 'toilet-bowl', 'polystyrene', 'shower-door', 'plastic-pe-pp', 'board-plastic', 'pvc-window-frame'], oxidiser(1.8, 3.5), 1, [10, 10, 15], 'Peroxide bubbles into it and takes the stain.', mould({ after: ['rinse', 'dry'] })),
  method('mould-grout', 'Soda and peroxide paste', 'paste', 'mould', GROUT, [window('oxidiser', 0.3, 3.5), window('mild-alkali', 100, 20000)], 1, [10, 15, 20], 'The paste stays on the line while the peroxide works.', mould({ stroke: 'Narrow brush along the line.', after: ['rinse', 'dry'] })),
  method('mould-strip', 'Paper strip wet with peroxide', 'bag', 'mould', ['silicone-sealant'], oxidiser(1.8, 3.5), 1, [30, 60, 60], 'A wet strip holds the peroxide where it is.', mould({ does: 'Press a strip of paper wet with it along the joint.', after: ['rinse', 'dry'] })),
  method('mould-paint', 'Barely damp soapy cloth', 'cloth', 'mould', [...PAINT, ...WOOD], detergent(0.1, 4), 1, [0, 2, 4], 'Barely damp, then dry the wall: soaking feeds it.', mould({ after: ['damp-cloth', 'dry'] })),
  method('mould-rubber', 'Oxygen bleach', 'cloth', 'mould', ['rubber'], [window('oxidiser', 0.1, 1)], 2, [5, 10, 15], 'What the brush leaves in the folds.', mould({ after: ['rinse', 'dry'] })),
  method('mould-seal', 'Soap and a brush', 'hand', 'mould', [...MACHINES], 'water', 1, [1, 5, 10], 'The seal brushed by hand, then left open to dry.', mould({ does: 'Hot soapy water on an old toothbrush, into the folds of the seal.', then: 'Brush again, and wipe with a cloth of clear water.', after: ['dry', 'air'], brings: ['dish-soap'] })),
  method('mould-cotton', 'Oxygen-bleach soak, then hot wash', 'soak', 'mould', ['cotton', 'shower-curtain'], [window('oxidiser', 0.15, 1)], 1, [30, 60, 120], 'Oxygen bleach takes the specks, the hot wash the rest.', mould({ after: ['rinse', 'wash'] })),
  method('mould-leather', 'Brushed off out of doors', 'dry', 'mould', ['leather', 'upholstery'], 'nothing', 1, null, 'Dry and in the open air; then barely damp, and aired.', mould({ does: 'Out of doors: brush it off away from you, then wipe with a barely damp cloth.', after: ['air'] })),
  method('mould-outdoor', 'Stiff brush and water', 'bucket', 'mould', OUTDOORS, 'water', 1, null, 'Brush, water, light and air.', { does: 'Wet it, stiff brush, rinse.', share: 'part', after: ['rinse'] }),

  // Fingerprints and film.
  method('glass-damp', 'Damp cloth, then a dry one', 'cloth', 'fingerprints', ['glass', 'mirror', 'stove-glass', 'drinking-glass', 'shower-door'], 'water', 1, null, 'A damp microfibre, then a dry one: often all it needs.', { does: 'Wipe with a damp microfibre, then with a dry one.', after: ['buff'] }),
  method('glass-alcohol', 'Dilute alcohol on the cloth', 'cloth', 'fingerprints', ['glass', 'mirror'], alcohol(15, 40), 1, [0, 0, 1], 'Alcohol dissolves the film and leaves no streak.', { does: 'Spray the cloth, not the glass; wipe from the top down.', conditions: [OPEN_WINDOW], after: ['buff'] }),
  method('glass-vinegar', 'Dilute vinegar on the cloth', 'cloth', 'fingerprints', ['glass'], acid(0.5, 2.8), 1, [0, 1, 5], 'Dilute acid clears the mineral haze.', { after: ['buff'] }),
  method('mirror-vinegar', 'Dilute vinegar on the cloth', 'cloth', 'fingerprints', ['mirror'], acid(0.5, 2.8), 2, [0, 0, 1], 'On the cloth alone: it creeps behind the silver at the edges.', { does: 'On the cloth alone, never at the edges; wipe off at once.', after: ['buff'] }),
  method('prints-suds', 'Soapy cloth, then dry', 'cloth', 'fingerprints', ['stainless-steel', 'knife', 'induction-hob', 'laminate', 'aluminium', 'glazed-tile', 'quarry-tile', 'unglazed-tile', ...GROUT, 'polystyrene', ...BATHS, 'vinyl-floor', 'linoleum', 'enamel', 'rubber', 'terrazzo', 'glass', 'door-handle', 'blind-metal', 'painted-metal', 'pvc-window-frame', 'shower-door', 'soft-touch-plastic', 'ceramic-sink', 'composite-sink', ...TOUGH_PLASTIC], surfactant(0.2, 6), 1, [0, 1, 3], 'A trace of soap takes the grease of a finger.', { share: 'part', after: ['damp-cloth', 'buff'] }),
  method('prints-alcohol', 'Alcohol on a cloth', 'cloth', 'fingerprints', ['stainless-steel', 'chrome'], alcohol(15, 75), 2, [0, 0, 1], 'It dissolves the film and leaves no streak.', { share: 'part', conditions: [OPEN_WINDOW], after: ['buff'] }),
  method('hob-vinegar', 'Dilute vinegar', 'cloth', 'fingerprints', ['induction-hob'], acid(0.5, 2.8), 2, [0, 1, 5], 'Dilute acid clears the haze after soap.', { after: ['buff'] }),
  method('metal-buff', 'Dry soft cloth', 'dry', 'fingerprints', [...FINE_METAL, ...PLATED], 'nothing', 2, null, 'A dry soft cloth, straight strokes.', { ...DRY, does: 'Dry soft cloth, straight strokes.' }),

  method('mirror-vinegar-sprayed', 'Dilute vinegar, sprayed', 'spray', 'fingerprints', ['mirror'], acid(0.3, 2.8), 1, [0, 0, 1], 'Sprayed on, wiped at once: it leaves no streaks.', { school: { id: 'vinegar-on-mirrors', choice: 'fine' }, after: ['buff'] }),
  method('granite-vinegar', 'Dilute vinegar, wiped off', 'cloth', 'daily-dirt fingerprints', ['granite-sealed'], acid(0.2, 1.3), 2, [0, 1, 2], 'Dilute, brief, on sealed granite alone.', { school: { id: 'vinegar-on-granite', choice: 'dilute' } }),
  method('granite-alcohol', 'Dilute alcohol, wiped off', 'cloth', 'fingerprints', ['granite-sealed'], alcohol(10, 30), 2, [0, 0, 1], 'Dilute, brief, on sealed granite alone.', { school: { id: 'vinegar-on-granite', choice: 'dilute' }, conditions: [OPEN_WINDOW], after: ['buff'] }),
  method('wood-vinegar', 'Vinegar, well diluted', 'cloth', 'daily-dirt fingerprints', ['varnished-wood'], acid(0.03, 0.3), 2, [0, 0, 1], 'Under 0.3 % acid, the cloth wrung out, dried after it.', { school: { id: 'vinegar-on-sealed-wood', choice: 'diluted' }, stroke: 'With the grain.', after: ['dry'] }),
  method('enamel-steel-wool', 'Fine steel wool, wet', 'hand', 'burnt-on', ['enamel'], 'nothing', 3, null, 'On plain enamel alone, wet and soapy, the finest grade.', { school: { id: 'scouring', choice: 'steel' }, share: 'spot', does: 'The finest steel wool, wet and soapy, hardly pressed.', after: ['rinse', 'dry'] }),

  // Soot.
  method('soot-ash', 'Damp newspaper and ash', 'hand', 'soot', ['stove-glass'], 'nothing', 1, null, 'Fine ash of wood is alkali and the finest scourer in one.', { does: 'Damp newspaper dipped in fine wood ash (coal or briquette ash scratches); rub in circles, wipe off.', after: ['damp-cloth', 'dry'] }),
  method('soot-soda', 'Washing soda on the cloth', 'cloth', 'soot', ['stove-glass'], alkali(300, 12000), 2, [3, 8, 10], 'Washing soda loosens tar.', { share: 'part', conditions: ['Gloves.'], after: ['damp-cloth', 'dry'] }),
  method('soot-soda-paste', 'Washing-soda paste', 'paste', 'soot', ['stove-glass'], alkali(300, 12000), 2, [3, 8, 10], 'Washing soda loosens tar.', { share: 'part', conditions: ['Gloves.'], after: ['damp-cloth', 'dry'] }),
  method('soot-dry', 'Vacuum and dry sponge', 'dry', 'soot', [...PAINT, ...PILE, 'cotton', ...STONE, ...OUTDOORS, 'concrete', 'glass', ...TILE], 'nothing', 1, null, 'Wet, soot is ink: dry first.', { ...DRY, does: 'Vacuum held just off it; then a dry sponge in straight strokes, turned often.' }),
  method('soot-suds', 'Soapy cloth after it', 'cloth', 'soot', [...PAINT, ...STONE, 'glass', ...TILE, 'concrete'], detergent(0.3, 10), 2, [1, 3, 5], 'After the dry sponge: soap.', { share: 'part' }),
  method('soot-suds-outdoor', 'Stiff brush and suds', 'bucket', 'soot', OUTDOORS, surfactant(0.2, 10), 2, [2, 5, 15], 'After the vacuum: suds and a brush.', { share: 'part', does: 'Wet it, and brush the suds in.', stroke: 'A brush; on paving a stiff one.', after: ['rinse'] }),

  // Protein.
  method('protein-cool', 'Cool suds', 'cloth', 'protein', but(WASHED, ...STONE), surfactant(0.3, 10), 1, [2, 5, 15], 'Cool water and soap lift it before it sets.', { share: 'part', does: 'Cool water only, never hot. Lay the wet cloth on it.', then: 'Wipe it off with the cloth, rinsed cool.' }),
  method('protein-stone', 'Cool dish soap', 'cloth', 'protein starch-sugar tannin turmeric', STONE, detergent(0.2, 8), 1, [1, 3, 10], 'Cool water and dish soap; blot rather than rub.', { share: 'part' }),
  method('protein-soak', 'Cool soapy soak', 'soak', 'protein urine vomit sweat', ['cotton'], surfactant(0.5, 12), 1, [15, 30, 60], 'Cool suds lift it before it sets.', { share: 'spot', after: ['rinse', 'wash'] }),
  method('protein-soda', 'Cool washing-soda soak', 'soak', 'protein', ['cotton'], alkali(40, 250), 2, [15, 30, 60], 'Washing soda, cool, loosens protein on cotton.', { share: 'spot', after: ['rinse', 'wash'] }),
  method('protein-peroxide', 'Peroxide, tested', 'blot', 'protein', ['cotton'], oxidiser(1.5, 3.5), 2, [2, 5, 10], 'White cotton only: it takes what stain is left.', { share: 'spot', conditions: ['White cotton alone; test the hem.'], after: ['rinse', 'wash'] }),
  method('protein-water', 'Cool water, blotted', 'blot', 'protein tannin starch-sugar turmeric', PILE, 'water', 1, [1, 3, 10], 'Cool water and a white cloth, from the edge inward.', { share: 'spot', does: 'Dab with cool water, press dry with a white cloth, again and again; from the edge inward, no rubbing.', after: ['dry'] }),
  method('protein-blot', 'Cool suds, blotted', 'blot', 'protein starch-sugar sweat', PILE, detergent(0.3, 6), 1, [1, 3, 10], 'Cool suds, blotted, lift it before it sets.', { share: 'spot', after: ['damp-cloth', 'dry'] }),

  // Starch, sugar.
  method('sugar-water', 'Warm water', 'cloth', 'starch-sugar', [...WASHED, 'mirror', ...WOOD, ...PAINT, 'board-wood', 'barbecue-grate', 'toilet-bowl', 'stove-glass'], 'water', 1, [1, 5, 20], 'Warm water dissolves it, given a few minutes.', { share: 'part', does: 'Lay a cloth wrung out of warm water on it.', then: 'Wipe it off with the cloth.', after: ['damp-cloth', 'dry'] }),
  method('sugar-suds', 'Soapy cloth', 'cloth', 'starch-sugar', but(WASHED, ...STONE), surfactant(0.2, 8), 2, [1, 5, 15], 'Suds help where it is greasy too.', { share: 'part' }),
  method('sugar-hob', 'Scraped off while warm', 'dry', 'starch-sugar', ['induction-hob'], 'nothing', 1, null, 'The one soil that is taken off warm: set, sugar pulls chips out of the glass.', { ...DRY, share: 'spot', does: 'At once, while it is warm: a metal hob scraper, off the hot zone to where it is cool. Once it has set: cold, a wet cloth for half an hour, then the scraper.', ownConditions: true, conditions: ['Hob off, oven glove.'] }),
  method('sugar-pan', 'Fill with warm water', 'fill', 'starch-sugar', ['stainless-steel', 'non-stick'], 'water', 2, [10, 30, 60], 'A pan soaks itself clean.', { does: 'Fill it with warm water.', after: ['rinse', 'dry'] }),
  method('sugar-cotton', 'Water, then the wash', 'soak', 'starch-sugar', ['cotton'], 'water', 1, [5, 15, 60], 'Water dissolves it; the wash does the rest.', { share: 'spot', does: 'Soak it in lukewarm water.', after: ['wash'] }),

  // Tannin.
  method('tannin-cup', 'Filled with oxygen bleach', 'fill', 'tannin', ['stainless-steel', 'glazed-tile', 'thermos', 'drinking-glass'], [window('oxidiser', 0.15, 0.6)], 1, [15, 30, 30], 'Oxygen bleach, warm, undoes the colour; cup or thermos filled, never closed.', { does: 'Cups, pots, a thermos: fill them at 40 to 60 °C. Lid off and seal out: never closed.', after: ['rinse', 'dry'] }),
  method('tannin-soda', 'Soda on a damp cloth', 'paste', 'tannin turmeric', ['stainless-steel', 'glazed-tile', 'bath-enamel', 'knife', 'ceramic-sink'], soda(250, 20000), 1, [0, 2, 10], 'Soda on a damp cloth rubs it off cups and sinks.', { share: 'spot', after: ['rinse', 'dry'] }),
  method('tannin-oxygen', 'Oxygen bleach, wetted', 'cloth', 'tannin turmeric', ['quarry-tile', 'epoxy-grout', 'cement-grout', 'glazed-tile', 'bath-enamel', 'acrylic', 'vinyl-floor', 'laminate', 'polystyrene', 'silicone-sealant', 'ceramic-sink', 'composite-sink', ...TOUGH_PLASTIC, 'garden-plastic'], [window('oxidiser', 0.15, 3.5), window('alcohol', 0, 1)], 2, [5, 10, 15], 'Oxygen undoes the colour.', { share: 'spot', does: 'Lay the wet cloth on it.', after: ['rinse', 'dry'] }),
  method('tannin-joints', 'Soda and peroxide paste', 'paste', 'tannin', GROUT, [window('oxidiser', 0.3, 3.5), window('mild-alkali', 100, 20000)], 2, [10, 15, 20], 'The paste stays on the line while the peroxide works.', { share: 'part', stroke: 'Narrow brush along the line.', after: ['rinse', 'dry'] }),
  method('tannin-laminate', 'A wet film of soda', 'cloth', 'tannin', ['laminate'], soda(50, 1100), 1, [2, 5, 5], 'Soda dissolved, left wet, not rubbed; never on gloss.', { share: 'spot', does: 'A wet film, not rubbed.' }),
  method('tannin-suds', 'Dish soap', 'cloth', 'tannin turmeric', but(WASHED, ...STONE, 'glazed-tile', 'stainless-steel', 'bath-enamel'), detergent(0.3, 8), 1, [1, 3, 10], 'Dish soap, soon; what is left wants oxygen.', { share: 'part' }),
  method('tannin-cotton', 'Oxygen-bleach soak', 'soak', 'tannin turmeric hair-dye', ['cotton'], [window('oxidiser', 0.15, 1)], 1, [30, 45, 60], 'Oxygen bleach at 40 °C undoes the colour.', { share: 'spot', after: ['rinse', 'wash'] }),
  method('tannin-wool', 'Cool water and a little vinegar, blotted', 'blot', 'tannin', PILE, acid(0.5, 1.4), 1, [1, 3, 10], 'One part of vinegar in five, blotted: acid holds the colour loose, and wool bears it.', { share: 'spot', after: ['damp-cloth', 'dry'] }),
  method('tannin-poultice', 'Peroxide poultice', 'paste', 'tannin', ['marble', 'limestone', 'travertine', 'granite-sealed', 'granite-unsealed'], 'nothing', 2, [480, 720, 1440], 'White clay with peroxide, under film with holes, draws the colour out as it dries: light stone only.', { share: 'spot', does: 'White clay stirred to a paste with 3 % peroxide, on the stain, film with holes over it, until it is dry.', then: 'Lift it off dry with a plastic card.', brings: ['clay', 'hydrogen-peroxide'], conditions: ['Light stone only; test out of sight.'] }),

  // Smell.
  method('smell-air', 'The cause, then air', 'air', 'smell', [...WASHED, 'mirror', ...WOOD, ...PAINT, 'wallpaper', 'sockets', 'leather', 'cotton', ...PILE, ...OUTDOORS, 'tent-and-pack', 'trainers', 'kettle', 'coffee-machine'], 'nothing', 2, null, 'Take away what smells; then air. Scent only covers it.', { ownConditions: true, does: 'Find the cause and take it away; then open the windows across.', after: [] }),
  method('smell-wash', 'Wash it, dry it', 'cloth', 'smell', but(WASHED, ...STONE), surfactant(0.3, 10), 1, [1, 3, 10], 'What smells is a film: it is washed off and dried.', { after: ['damp-cloth', 'dry', 'air'] }),
  method('smell-wash-stone', 'Wash it, dry it', 'cloth', 'smell', [...STONE, ...PAINT, ...WOOD], detergent(0.1, 6), 1, [0, 2, 5], 'What smells is a film: it is washed off and dried.', { after: ['dry', 'air'] }),
  method('smell-strew', 'Soda overnight', 'strew', 'smell', [...PILE, 'cotton', 'concrete', 'trainers'], [window('absorbent', 50, 100)], 1, [120, 480, 1440], 'Soda takes up sour smells overnight.', { does: 'Strew it thinly.', after: ['vacuum'] }),
  method('smell-cloth-wash', 'The wash', 'machine', 'smell', ['cotton'], 'water', 1, null, 'What can be washed is washed.', { does: 'Into the wash by its label.', after: ['air'] }),
  method('smell-bowl', 'Soda in an open bowl', 'air', 'smell', ['polystyrene', 'enamel', 'fridge-inside', 'plastic-pe-pp'], [window('absorbent', 50, 100)], 2, [480, 1440, 1440], 'After washing: an open bowl of soda takes up some of what is left.', { ownConditions: true, does: 'Set it in an open bowl; renew it each month.', after: [] }),
  method('smell-machine', 'Citric acid, empty run', 'machine', 'smell rust', [...MACHINES], acid(0.4, 3), 2, null, 'Citric acid takes the scale in which the smell sits.', { does: 'Run it empty with it, no powder, never with bleach.', dose: { massG: 80, waterL: 10 }, conditions: ['Only where the maker permits it.'], after: ['air'] }),

  // Ring in a bowl.
  method('ring-acid', 'Citric acid, the water lowered', 'fill', 'bowl-ring', ['toilet-bowl'], acid(3, 11), 1, [60, 240, 720], 'Acid dissolves the stone of the ring, given time.', { does: 'Push the water down with the brush, then pour it in.', stroke: 'Brush it, all round and under the rim.', after: ['flush'], conditions: ['Nothing else in the bowl, bleach above all.', 'Only when there is a ring: the weekly round is soap and a brush.'] }),
  method('ring-pumice', 'Wet pumice', 'hand', 'bowl-ring', ['toilet-bowl'], 'nothing', 3, null, 'On bare china, wet and with care, for what acid leaves.', { share: 'spot', does: 'Wet the stone and the china; rub softly, wet all the time.', after: ['flush'] }),

  // Moss.
  method('moss-brush', 'Brush and scrape', 'dry', 'moss', [...OUTDOORS, 'concrete', 'garden-teak'], 'nothing', 1, null, 'It comes off mechanically; light and air keep it away.', { share: 'part', does: 'Stiff brush and scraper; cut back what shades it.', after: [] }),
  method('moss-hot-water', 'Hot water', 'pour', 'moss', [...OUTDOORS, 'concrete'], 'water', 2, null, 'Very hot water kills it without salt or acid in the soil.', { share: 'part', does: 'Very hot water in the joints, away from plants; brush it off a day later.', after: [] }),
  method('moss-suds', 'Suds and a stiff brush', 'bucket', 'moss', [...OUTDOORS, 'concrete'], surfactant(0.2, 10), 2, [10, 30, 240], 'Suds loosen it for the brush.', { share: 'part', does: 'Wet it, and brush the suds in.', stroke: 'A brush; on paving a stiff one.', after: ['rinse'] }),
  method('moss-frame', 'Soapy cloth', 'cloth', 'moss', ['aluminium', 'glass', 'vinyl-floor', ...PAINT, 'pvc-window-frame', 'painted-metal', 'garden-plastic', 'garden-teak'], detergent(0.2, 6), 1, [1, 3, 10], 'Green film on frames goes with soap.', {}),

  // Sticky.
  method('sticky-cold', 'Cold and a plastic scraper', 'cold', 'sticky', [...STONE, ...TILE, 'concrete', 'stainless-steel', ...PLATED, 'aluminium', 'lacquered-brass', 'bath-enamel', 'old-enamel', 'vinyl-floor', 'linoleum', 'laminate', 'enamel', 'induction-hob', ...PILE, 'cotton', ...LEATHERS, 'sealed-concrete', 'ceramic-sink', 'composite-sink', ...TOUGH_PLASTIC, 'painted-metal', 'pvc-window-frame', 'trainers', ...OUTDOORS], 'nothing', 1, [5, 10, 20], 'Cold makes it brittle.', { share: 'spot', does: 'Ice in a bag on it.', then: 'Lift it with a plastic scraper laid flat, or a spoon.', after: [] }),
  method('sticky-scrape', 'Plastic scraper', 'dry', 'sticky', ['glass', 'mirror', 'induction-hob', 'oven-racks', 'knife', ...WOOD, 'gloss-paint', 'drinking-glass', 'board-wood', ...GARDEN], 'nothing', 1, null, 'What is thick comes off dry.', { ...DRY, share: 'spot', does: 'Plastic scraper or card laid flat.' }),
  method('sticky-suds', 'Warm suds laid on', 'cloth', 'sticky', [...but(WASHED, 'acrylic', 'polystyrene', 'fridge-inside', 'soft-touch-plastic', 'shower-door'), ...WOOD, ...PAINT], detergent(0.1, 10), 2, [2, 10, 30], 'Warm suds soften paper and its paste.', { share: 'spot', does: 'Lay a cloth wrung out of it on the spot.', then: 'Push it off with a plastic card.' }),
  method('sticky-plastic', 'Warm suds laid on', 'cloth', 'sticky', ['acrylic', 'polystyrene', 'fridge-inside', 'soft-touch-plastic', 'shower-door'], detergent(0.1, 10), 1, [2, 10, 30], 'Warm suds soften it: no ice, no oil, no alcohol on clear plastic.', { share: 'spot', does: 'Lay a cloth wrung out of it on the spot.', then: 'Push it off with a plastic card.' }),
  method('sticky-oil', 'A little vegetable oil', 'cloth', 'sticky', ['glass', 'glazed-tile', 'stainless-steel', 'plastic-pe-pp', 'drinking-glass'], [window('oil', 50, 100)], 2, [5, 10, 30], 'Oil creeps under glue; it is washed off with soap.', { share: 'spot', does: 'A few drops on a cloth, left on it.', after: ['suds', 'dry'] }),
  method('sticky-alcohol', 'Alcohol on a cloth', 'cloth', 'sticky', ['glass', 'mirror', 'stainless-steel', 'silver', 'brass'], alcohol(40, 96), 2, [0, 2, 5], 'Strong alcohol dissolves many glues.', { share: 'spot', conditions: [OPEN_WINDOW] }),
  method('sticky-warm', 'Warm water', 'soak', 'sticky', ['silver', 'brass', 'rubber'], 'water', 1, [2, 5, 10], 'Wax and paste soften in warm water; scraping would scratch.', { share: 'part', does: 'Warm water until it is soft; push it off with a fingernail or a cloth.', after: ['dry', 'buff'] }),
  method('sticky-paint', 'Soft eraser', 'dry', 'sticky', ['matt-paint', 'wallpaper'], 'nothing', 1, null, 'A soft eraser rolls it off; rubbing wet takes the paint.', { ...DRY, share: 'spot', does: 'Roll it off with a soft eraser or a finger.' }),
  method('sticky-heat', 'Paper and a warm iron', 'heat', 'sticky', ['cotton'], 'nothing', 2, null, 'Wax that is left goes into the paper.', { ...DRY, share: 'spot', does: 'After the cold: plain paper on it, a warm iron over it, a fresh piece each time.', after: ['wash'] }),

  // Tarnish.
  method('tarnish-acid-salt', 'Acid and salt', 'hand', 'tarnish', ['brass'], [window('acid-salt', 0.8, 7)], 1, [1, 3, 10], 'Acid and salt take the brown off bare brass and copper.', { stroke: 'Soft cloth, straight strokes.', after: ['rinse', 'buff'] }),
  method('tarnish-kitchen', 'Lemon and salt', 'hand', 'tarnish', ['brass'], 'nothing', 2, [1, 3, 5], 'Half a lemon dipped in salt is the same acid and salt.', { does: 'Half a lemon dipped in fine salt, rubbed on.', after: ['rinse', 'buff'], brings: ['lemon-juice', 'salt'] }),
  method('tarnish-lacquer', 'Soapy cloth only', 'cloth', 'tarnish', ['lacquered-brass'], detergent(0.2, 6), 1, [0, 1, 2], 'Lacquered, it does not tarnish: what shows is dirt, or the lacquer has gone.', { after: ['damp-cloth', 'buff'] }),
  method('silver-foil', 'Foil and soda', 'foil', 'silver-tarnish', ['silver'], soda(50, 1200), 1, [2, 5, 10], 'On foil, in very hot soda water, the tarnish goes to the foil.', { does: 'Foil, shiny side up, in a bowl; the piece on it; pour it over very hot.', conditions: ['Plain everyday silver alone: nothing glued, hollow, worn or darkened on purpose.'], after: ['rinse', 'buff'] }),
  method('silver-cloth', 'Silver cloth', 'dry', 'silver-tarnish', ['silver'], 'nothing', 2, null, 'Worn plate, hollow or cemented handles, old or marked pieces: the cloth alone.', { ...DRY, does: 'Silver cloth, straight strokes.' }),

  // What homes also have.
  method('microwave-steam', 'Steamed with lemon water', 'steam', 'fresh-grease starch-sugar protein smell burnt-on daily-dirt turmeric', ['microwave-inside'], 'water', 1, [5, 5, 10], 'Steam softens all of it at once; then it is wiped off.', { does: 'A wide bowl, 300 mL of water, lemon slices, a wooden spoon left in it; boil it 3 to 5 minutes, and leave the door shut.', then: 'Unplug it; mind the hot bowl; wipe.', ownConditions: true, conditions: ['The wooden spoon stays in: water heated still can boil over at once. Unplugged before it is wiped.'], after: ['damp-cloth', 'dry'], brings: ['lemon-juice'] }),
  method('microwave-suds', 'Soapy cloth', 'cloth', 'fresh-grease starch-sugar protein smell burnt-on daily-dirt turmeric', ['microwave-inside'], detergent(0.2, 6), 2, [1, 2, 5], 'What the steam left.', {}),
  method('door-glass-paste', 'Paste and a scraper', 'paste', 'burnt-on', ['oven-door-glass'], soda(250, 20000), 1, [20, 45, 60], 'Paste kept damp softens it; a scraper laid flat lifts it.', { share: 'part', stroke: 'Scraper laid flat.', after: ['rinse', 'dry'] }),
  method('door-glass-scraper', 'Scraper, cold', 'dry', 'burnt-on', ['oven-door-glass'], 'nothing', 2, null, 'What is thick comes off dry.', { ...DRY, share: 'spot', does: 'Scraper laid flat, short strokes, cold; not on a coated inner pane.' }),
  method('grate-scrape', 'Scraper or a ball of foil', 'dry', 'burnt-on rust', ['barbecue-grate'], 'nothing', 1, null, 'Lukewarm it comes off; wire bristles would end up in food.', { ...DRY, does: 'Scraper or a ball of foil along the bars; then a wipe of oil.', after: ['oil'] }),
  method('grate-suds', 'Soapy soak', 'soak', 'fresh-grease burnt-on', ['barbecue-grate'], 'water', 2, [20, 30, 60], 'Hot suds for what the scraper leaves.', { does: 'Lay it in hot water with a squirt of dish soap.', after: ['rinse', 'dry', 'oil'], brings: ['dish-soap'] }),
  method('tray-wash', 'Hot soapy water', 'fill', 'urine smell daily-dirt slime', ['litter-tray'], 'water', 1, [5, 10, 20], 'Hot suds and a rinse; never bleach or ammonia.', { does: 'Hot water and dish soap in it.', then: 'Brush it; pour it into the toilet.', conditions: ['Never bleach: it gives off chloramine.'], after: ['rinse', 'dry'], brings: ['dish-soap'] }),
  method('jewel-bath', 'Warm soapy bath', 'soak', 'fresh-grease daily-dirt soap-scum', ['jewellery'], 'water', 1, [2, 5, 15], 'Warm water, a drop of dish soap and a soft brush.', { does: 'In a bowl, never over the open drain: warm water, a drop of dish soap.', then: 'A soft toothbrush.', conditions: ['Not pearls, opals, emeralds, turquoise, amber, coral, nor what is glued.'], after: ['rinse', 'dry'], brings: ['dish-soap'] }),
  method('drain-clear', 'Clear the trap', 'dry', 'dust slime', ['drain-and-trap'], 'nothing', 1, null, 'Hair and slime come out by hand.', { ...DRY, does: 'Lift the grid; pull hair out with a hook or strip; a bucket under the trap, unscrew and empty it.' }),
  method('drain-flush', 'Hot tap water and soda', 'pour', 'smell fresh-grease soap-scum slime', ['drain-and-trap'], 'water', 1, [5, 10, 30], 'Warm water carries off what clings; soda takes up what smells. Fizz adds a show.', { does: 'Clear the trap; hot tap water, 60 °C at most; two spoons of baking soda.', then: 'The same water after it.', conditions: ['Nothing else in it; after a drain opener, not for days.'], after: [], brings: ['baking-soda'] }),
  method('drain-soda', 'Washing soda, after the trap is cleared', 'pour', 'smell fresh-grease soap-scum', ['drain-and-trap'], alkali(300, 1500), 2, [5, 10, 20], 'Alkali turns what fat is left to soap.', { does: 'Trap cleared first. Pour it in slowly.', then: 'Hot tap water after it, 60 °C at most.', conditions: ['Gloves, glasses.', 'Nothing else in it; after a drain opener, not for days.'], after: ['rinse'] }),
  method('drain-scale', 'Citric acid', 'pour', 'limescale', ['drain-and-trap'], 'water', 1, [15, 30, 60], 'Acid dissolves what hangs under the grid.', { does: 'Two spoons of citric acid in a cup of warm water, poured slowly over the grid.', brings: ['citric-acid'], conditions: ['Nothing else in the drain, bleach above all.'], after: ['rinse'] }),
  method('slime-brush', 'Hot soap and a brush', 'hand', 'slime', ['silicone-sealant', 'rubber', 'washing-machine', 'dishwasher', 'machine-inside', 'fridge-inside', 'coffee-machine', 'shower-head', 'chrome', 'coated-tap', ...TOUGH_PLASTIC], 'water', 1, [1, 3, 10], 'The film comes off by rubbing; dry, it does not come back.', { share: 'part', does: 'Hot water, a drop of dish soap, an old toothbrush into the folds.', after: ['rinse', 'dry'], brings: ['dish-soap'] }),
  method('fill-scale', 'Filled with citric acid', 'fill', 'limescale', ['thermos'], acid(1, 5.2), 1, [10, 20, 30], 'Acid dissolves it.', { does: 'Filled, the lid off: never closed.', after: ['rinse', 'dry'] }),
  method('coffee-scale', 'By its maker’s word', 'fill', 'limescale', ['coffee-machine'], acid(0.8, 2.2), 2, [10, 20, 24], 'A filter machine bears dilute citric acid; an aluminium boiler does not.', { does: 'Into the tank, and run half of it through.', then: 'Run the rest through; then two tanks of water.', ownConditions: true, conditions: ['Only where the maker permits it; never an aluminium boiler.'], after: [] }),
  method('coffee-parts', 'Parts in hot suds', 'soak', 'tannin protein starch-sugar smell', ['coffee-machine'], 'water', 1, [5, 10, 30], 'What comes off is washed by hand; milk parts each day.', { does: 'Milk parts, basket and jug in hot water with dish soap; a brush.', after: ['rinse', 'dry'], brings: ['dish-soap'] }),
  method('coffee-wipe', 'Damp cloth', 'cloth', 'daily-dirt', ['coffee-machine'], 'water', 1, null, 'The outside and the steam pipe, wiped at once.', { does: 'Wipe the outside and the steam pipe with a damp cloth.', after: ['dry'] }),
  method('kettle-rinse', 'Fresh water, boiled', 'fill', 'smell rust', ['kettle'], 'water', 1, null, 'A new kettle’s smell goes with two boilings; rust specks are iron from the water.', { does: 'Fill it, boil, pour away, twice; wipe out specks with a cloth.', ownConditions: true, after: ['dry'] }),
  method('thermos-soda', 'Soda and warm water, open', 'fill', 'smell tannin protein mould', ['thermos'], 'water', 2, [60, 240, 720], 'Soda takes up what is sour.', { does: 'Two spoons of baking soda, warm water, the lid off, seal out, overnight; a bottle brush.', after: ['rinse', 'dry'], brings: ['baking-soda'] }),
  method('thermos-wash', 'Hot soapy water and a brush', 'fill', 'protein mould smell', ['thermos'], 'water', 1, [2, 5, 15], 'The bottle brush does it; the seal is washed by itself.', { does: 'Hot water, a drop of dish soap, a bottle brush; seal out.', after: ['rinse', 'dry'], brings: ['dish-soap'] }),
  method('board-salt-lemon', 'Salt and lemon', 'hand', 'smell tannin turmeric', ['board-wood'], 'nothing', 1, [5, 5, 10], 'Salt scours, lemon lightens and takes the smell.', { does: 'Coarse salt on it, rubbed in with half a lemon.', after: ['rinse', 'dry', 'oil'], brings: ['lemon-juice', 'salt'] }),
  method('board-wash', 'Hot suds, both sides', 'cloth', 'fresh-grease protein starch-sugar sticky tannin daily-dirt', ['board-wood'], detergent(0.2, 8), 1, [0, 1, 2], 'Washed at once, both sides wetted alike, stood on edge.', { stroke: 'Brush, with the grain.', after: ['rinse', 'dry'] }),
  method('sunlight', 'Washed, then sunlight', 'air', 'turmeric', [...TOUGH_PLASTIC, 'cotton'], 'nothing', 1, null, 'Sunlight undoes the colour of turmeric.', { does: 'Washed, then damp into the sun for a day.', after: [] }),
  method('mattress-air', 'Vacuum and air', 'dry', 'dust sweat smell', ['mattress'], 'nothing', 1, null, 'Dry and aired is most of it.', { ...DRY, does: 'Bedding off; vacuum it slowly; stood up in moving air for a day.' }),
  method('animal-pile', 'Blotted with cool water', 'blot', 'urine vomit', PILE, 'water', 1, [1, 5, 15], 'Cool water and a white cloth, again and again, before it dries.', { share: 'spot', does: 'Scrape up, blot; dab with cool water, press dry, again and again.', then: 'Press it dry with a towel, again and again. Once it is only damp: baking soda on it overnight, then vacuum.', conditions: ['Gloves. Never bleach: it gives off chloramine.'], after: [], brings: ['baking-soda'] }),
  method('animal-pile-suds', 'Cool suds, blotted', 'blot', 'urine vomit', PILE, detergent(0.3, 6), 2, [1, 5, 15], 'What water left.', { share: 'spot', conditions: ['Never bleach: it gives off chloramine.'], after: ['damp-cloth', 'dry'] }),
  method('animal-cotton', 'Cool rinse, then the wash', 'soak', 'urine vomit', ['cotton'], 'water', 1, [5, 15, 60], 'Cool water first: warm sets it.', { share: 'spot', does: 'Lay it in cool water; squeeze it through now and then.', conditions: ['Never bleach: it gives off chloramine.'], after: ['wash'] }),
  method('animal-hard', 'Taken up, then suds', 'cloth', 'urine vomit', [...TILE, ...STONE, 'concrete', 'sealed-concrete', 'vinyl-floor', 'linoleum', 'laminate', 'toilet-bowl'], detergent(0.1, 10), 1, [1, 3, 10], 'Taken up with paper, then a soapy cloth, then clear water.', { share: 'spot', conditions: ['Gloves. Never bleach: it gives off chloramine.'] }),
  method('animal-wood', 'Taken up at once, cloth nearly dry', 'cloth', 'urine vomit', WOOD, detergent(0.1, 4), 1, [0, 1, 2], 'At once: wood keeps what stands on it.', { share: 'spot', conditions: ['Never bleach or ammonia.'], after: ['dry'] }),
  method('mud-dry', 'Let dry, then brushed', 'dry', 'mud', [...PILE, 'cotton', ...LEATHERS, 'trainers', 'tent-and-pack', 'laminate', ...WOOD, ...TILE, 'concrete', 'sealed-concrete', 'vinyl-floor', 'linoleum', 'terrazzo', 'glass'], 'nothing', 1, null, 'Dry it falls off; wet it is rubbed in.', { ...DRY, does: 'Let it dry, brush and vacuum it off.' }),
  method('mud-suds', 'Soapy cloth after it', 'cloth', 'mud', [...TILE, 'laminate', 'trainers', 'tent-and-pack', 'vinyl-floor', 'linoleum'], detergent(0.1, 6), 2, [1, 2, 5], 'What the brush left.', { share: 'part' }),
  method('gear-wash', 'Lukewarm sponge', 'cloth', 'daily-dirt sweat sunscreen tannin', ['tent-and-pack', 'trainers'], detergent(0.1, 3), 1, [1, 2, 5], 'Little soap, every trace rinsed: a coating keeps none.', { after: ['rinse', 'dry'] }),
  method('bird-damp', 'Damped, then lifted off', 'cloth', 'bird-droppings', ['glass', 'aluminium', 'pvc-window-frame', 'painted-metal', ...GARDEN, 'tent-and-pack', 'wicker', 'barbecue-grate', ...OUTDOORS, 'gloss-paint'], 'water', 1, [2, 5, 20], 'Damp its dust stays down; then it lifts off.', { share: 'spot', does: 'Lay a wet cloth on it.', then: 'Lift it off with the cloth; the cloth into the bin.', conditions: ['Mask and gloves; never brushed dry.'], after: ['damp-cloth', 'dry'] }),
  method('pollen-dry', 'Tape, vacuum or shaken out', 'dry', 'pollen', ['cotton', ...PILE], 'nothing', 1, null, 'Wet it stains.', { ...DRY, share: 'spot', does: 'Shake it out of doors, tape or vacuum held just off it; never rubbed.' }),
  method('pollen-damp', 'Damp cloth', 'cloth', 'pollen', ['glass', 'aluminium', 'pvc-window-frame', 'painted-metal', 'gloss-paint', ...GARDEN, 'wicker'], 'water', 1, null, 'On hard things a damp cloth holds it.', { does: 'Wipe with a damp cloth, rinsed often.', after: ['dry'] }),
  method('tar-oil', 'A little vegetable oil, then soap', 'cloth', 'tar', ['glass', 'stainless-steel', 'glazed-tile', 'plastic-pe-pp'], [window('oil', 50, 100)], 2, [5, 15, 30], 'Oil dissolves it; soap takes the oil.', { share: 'spot', does: 'A few drops on a cloth, left on it.', after: ['suds', 'dry'] }),
  method('tar-cold', 'Cold and a scraper', 'cold', 'tar', ['concrete', 'sealed-concrete', ...OUTDOORS, 'garden-teak', 'vinyl-floor', 'linoleum', 'cotton', 'trainers', 'tent-and-pack', 'pvc-window-frame', 'laminate'], 'nothing', 1, [5, 10, 20], 'Cold makes it brittle.', { share: 'spot', does: 'Ice in a bag on it.', then: 'Lift it with a plastic scraper or a spoon.', after: [] }),
  method('tar-scrape', 'Plastic scraper', 'dry', 'tar', ['glass', 'stainless-steel', 'glazed-tile', 'cork-floor', 'bamboo-floor'], 'nothing', 1, null, 'What is thick comes off dry.', { ...DRY, share: 'spot', does: 'Plastic scraper laid flat.' }),
  method('nicotine-suds', 'Suds, from the bottom up', 'cloth', 'nicotine', [...PAINT, 'glass', 'pvc-window-frame', 'painted-metal', 'blind-metal', ...TILE, 'door-handle', 'soft-touch-plastic'], detergent(0.2, 10), 1, [1, 2, 4], 'Suds again and again, the water changed when it is yellow.', { stroke: 'From the bottom up; rinse from the top down.', after: ['rinse', 'dry'] }),
  method('nicotine-soda', 'Washing soda', 'cloth', 'nicotine', ['glass', ...DENSE_TILE], alkali(40, 450), 2, [1, 3, 8], 'Soda loosens its tar.', { conditions: ['Gloves.'], after: ['rinse', 'dry'] }),
  method('nicotine-bicarb', 'Soda and suds, from the bottom up', 'cloth', 'nicotine', ['gloss-paint', 'glazed-tile', 'pvc-window-frame'], [window('mild-alkali', 100, 1000), window('detergent', 0.2, 6), window('acid', 0, 0.05)], 2, [1, 3, 5], 'What suds alone leave: baking soda and dish soap, the water changed when it is yellow.', { stroke: 'From the bottom up, then down with clear water.', after: ['rinse', 'dry'] }),
  method('nicotine-dry', 'Vacuum and dry sponge', 'dry', 'nicotine', ['wallpaper', 'blind-cloth'], 'nothing', 1, null, 'Wet it runs brown.', { ...DRY, does: 'Vacuum held off it; dry sponge, from the top down.' }),
  method('ring-iron', 'Lowest iron through a cloth', 'heat', 'water-ring', ['varnished-wood', 'waxed-wood'], 'nothing', 1, null, 'Warmth drives the damp out of the finish.', { ...DRY, share: 'spot', does: 'A dry cloth on it, the iron at its lowest, seconds at a time, lifted to look; then wax.', after: ['buff'] }),
  method('ring-wax', 'Wax, buffed', 'hand', 'water-ring', ['waxed-wood'], 'nothing', 2, null, 'A little wax hides what is left.', { ...DRY, share: 'spot', does: 'A little of its own wax on a soft cloth, with the grain.', after: ['buff'] }),
  method('scuff-eraser', 'Soft eraser', 'dry', 'scuffs', ['vinyl-floor', 'linoleum', 'laminate', ...WOOD, ...PAINT, 'wallpaper'], 'nothing', 1, null, 'Rubber takes rubber off.', { ...DRY, share: 'spot', does: 'A clean soft eraser, lightly.' }),
  method('scuff-suds', 'A trace of soap', 'cloth', 'scuffs', ['vinyl-floor', 'linoleum', 'laminate', ...PAINT], detergent(0.1, 6), 2, [0, 1, 3], 'What the eraser left.', { share: 'spot' }),
  method('scuff-soda', 'Soda on a damp cloth', 'paste', 'scuffs', ['ceramic-sink'], soda(250, 20000), 1, [0, 2, 5], 'Metal marks lie on the glaze: soda rubs them off, steel makes more.', { share: 'spot', after: ['rinse', 'dry'] }),
  method('crayon-suds', 'Soapy cloth', 'cloth', 'crayon', [...STONE, ...TILE, 'glass', 'vinyl-floor', 'linoleum', 'laminate', 'painted-metal', 'door-handle', 'soft-touch-plastic', ...TOUGH_PLASTIC, 'cork-floor', 'bamboo-floor'], detergent(0.1, 10), 1, [1, 3, 10], 'Soap loosens wax and colour.', { share: 'spot' }),
  method('crayon-soda', 'Soda on a damp cloth', 'cloth', 'crayon', ['gloss-paint'], 'water', 2, null, 'A little soda on a damp cloth, lightly: gloss alone.', { share: 'spot', does: 'A damp cloth dipped in baking soda, lightly rubbed.', after: ['damp-cloth', 'dry'], brings: ['baking-soda'] }),
  method('crayon-eraser', 'Soft eraser', 'dry', 'crayon ink', ['wallpaper'], 'nothing', 1, null, 'An eraser takes what lies on top.', { ...DRY, share: 'spot', does: 'A soft eraser, lightly.' }),
  method('ink-alcohol', 'Alcohol, dabbed', 'cloth', 'ink', ['engineered-quartz', ...TILE, 'glass', 'laminate', ...TOUGH_PLASTIC, 'stainless-steel'], alcohol(35, 96), 1, [0, 1, 3], 'Alcohol carries many inks off; a fresh bit of cloth each time.', { share: 'spot', does: 'Dab, do not rub; a fresh bit of cloth each time.', conditions: [OPEN_WINDOW] }),
  method('ink-blot', 'Alcohol, dabbed and tested', 'blot', 'ink', ['cotton', 'carpet'], alcohol(35, 96), 1, [0, 1, 3], 'A little on a white cloth, from the edge inward, tested first.', { share: 'spot', conditions: [OPEN_WINDOW, 'A few drops on the cloth, never poured on.'], after: ['damp-cloth', 'dry'] }),
  method('ink-suds', 'Suds, dabbed', 'cloth', 'ink', [...STONE, 'vinyl-floor', 'linoleum', ...WOOD, ...PAINT, 'soft-touch-plastic', ...LEATHERS], detergent(0.1, 6), 2, [0, 1, 3], 'What is fresh comes off; the rest may stay.', { share: 'spot' }),
  method('ink-pile', 'Cool suds, blotted', 'blot', 'ink', ['wool-silk', 'upholstery', 'carpet'], detergent(0.3, 6), 2, [1, 3, 10], 'Blotted while it is wet; alcohol would spread it here.', { share: 'spot', after: ['damp-cloth', 'dry'] }),
  method('ink-machine', 'Wiped out, then a hot empty run', 'cloth', 'ink', ['washing-machine'], 'water', 1, null, 'Before the next load: what is left prints.', { does: 'Wipe the drum with wet cloths until they stay clean; then a hot empty run with old rags.', after: ['dry'] }),
  method('makeup-hard', 'Soapy cloth', 'cloth', 'make-up sunscreen', [...BATHS, 'ceramic-sink', 'mirror', 'drinking-glass', 'garden-plastic', ...STONE, ...TILE], detergent(0.05, 10), 1, [0, 2, 5], 'Dish soap wraps its oils.', { share: 'spot' }),
  method('sweat-soda', 'Soda paste, cool', 'hand', 'sweat', ['cotton'], 'nothing', 1, [15, 30, 60], 'Soda takes up what is sour; hot water sets the rest.', { share: 'spot', does: 'Baking soda and a little cool water rubbed on.', after: ['wash'], brings: ['baking-soda'] }),
  method('deodorant-acid', 'Citric acid', 'blot', 'deodorant', ['cotton'], acid(1.4, 6), 1, [15, 30, 60], 'Acid dissolves the crust.', { share: 'spot', after: ['rinse', 'wash'] }),
  method('nail-acetone', 'Acetone on a cloth', 'cloth', 'nail-varnish', ['glass', ...CHINA, 'drinking-glass'], 'nothing', 1, null, 'Its own solvent, on glass and china alone.', { share: 'spot', does: 'A little acetone on a cloth, dabbed.', conditions: ['Window open, no flame; never plastic, varnish or cloth of acetate.'], after: ['damp-cloth', 'dry'], brings: ['acetone'] }),
  method('nail-scrape', 'Dried, then lifted off', 'dry', 'nail-varnish', ['vinyl-floor', 'linoleum', 'laminate', ...WOOD, ...STONE, 'carpet', 'cork-floor', 'bamboo-floor'], 'nothing', 1, null, 'Dry it flakes; its solvent would take the finish.', { ...DRY, share: 'spot', does: 'Let it dry; lift it with a plastic card, fibre by fibre on carpet.' }),
  method('dye-alcohol', 'Alcohol on a cloth', 'cloth', 'hair-dye', [...CHINA, 'quarry-tile', 'silicone-sealant', 'bath-enamel'], alcohol(35, 96), 1, [0, 2, 5], 'Alcohol carries some of the colour off.', { share: 'spot', conditions: [OPEN_WINDOW], after: ['rinse', 'dry'] }),
  method('dye-suds', 'Soapy cloth, at once', 'cloth', 'hair-dye', [...BATHS, 'shower-door', 'shower-curtain', ...GROUT, 'unglazed-tile', 'glazed-tile', 'ceramic-sink', 'silicone-sealant'], detergent(0.2, 15), 2, [1, 5, 10], 'At once it comes off; later it fades with washing.', { share: 'spot', after: ['rinse', 'dry'] }),
];

const BY_ID = new Map(METHODS.map((m) => [m.id, m]));

/** The method of an id; null for one that is not known, or is no longer. */
export const methodById = (id: string): Method | null => BY_ID.get(id) ?? null;
