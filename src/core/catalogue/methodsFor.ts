import { beyondHere } from './beyond';
import { preferenceOf, type AdvicePreferences, type DisputedAdviceId } from './disputedAdvice';
import type { HouseholdMember } from './household';
import { JOINTS, METHODS, type Method } from './methods';
import type { Surface } from './surface';
import { SPRAY_FILM_ML_PER_M2 } from './useForms';

/** What has to be so before anything is begun on a surface, whatever the method. Common practice, no source. */
const ON_SURFACE: Readonly<Record<string, string>> = {
  sockets: 'Power off at the breaker, or unplugged; cold.',
  'oven-element': 'Off at the breaker or the gas shut; cold.',
  enamel: 'Oven off and cold; nothing is covered while it heats.',
  'induction-hob': 'Hob off and cold.',
  'stove-glass': 'Fire out, glass cold.',
  'coated-screen': 'Switched off and cool.',
  'machine-inside': 'Unplugged, or switched off where it is opened; empty.',
  'fridge-inside': 'Unplugged or switched off; emptied, ice let melt.',
  'microwave-inside': 'Unplugged.',
  kettle: 'Unplugged.',
  'coffee-machine': 'Off and cold; the tank out.',
  'washing-machine': 'Switched off where it is opened; empty.',
  dishwasher: 'Switched off, cool; empty.',
  'gas-hob': 'Gas off, cold, ignition unplugged.',
  'oven-door-glass': 'Oven off and cold.',
  'extractor-filter-steel': 'Hood off at the wall, cold; the filter taken out.',
  'extractor-filter-aluminium': 'Hood off at the wall, cold; the filter taken out.',
  'non-stick': 'Cold; unplugged where it has a plug.',
  'barbecue-grate': 'Gas shut, lukewarm; ash cold for a day.',
  'soft-touch-plastic': 'Batteries out, unplugged.',
  mattress: 'Bedding off; a heated pad off and unplugged.',
  'car-leather': 'Heated seat off.',
  'painted-metal': 'A radiator: cold.',
  'blind-metal': 'Two feet on the floor.',
  'litter-tray': 'Emptied; gloves, and not by someone pregnant.',
  'steam-iron': 'Unplugged, cold.',
};

/** What stands between joints. */
const JOINTED = ['glazed-tile', 'unglazed-tile', 'quarry-tile'];

/** What has to be so before a method is begun on a surface, the surface's own first. */
export function conditionsOf(method: Method, { id }: Pick<Surface, 'id'>): readonly string[] {
  const own = ON_SURFACE[id];
  const conditions = method.conditions.filter((c) => c !== JOINTS || JOINTED.includes(id));
  if (method.steam)
    return [
      'Steam first, nothing covered; then off at the wall and cool to hand-warm before the paste.',
      ...conditions,
    ];
  if (method.form === 'machine') return ['Empty: nothing else in it.', ...conditions];
  return own === undefined || method.ownConditions ? conditions : [own, ...conditions];
}

const BY_PAIR = new Map<string, Method[]>();
for (const method of METHODS) {
  for (const soil of method.soils) {
    for (const surface of method.where) {
      const key = `${surface} ${soil}`;
      BY_PAIR.set(key, [...(BY_PAIR.get(key) ?? []), method]);
    }
  }
}

/** What holds of any surface that bears water, for a soil that it can hardly have. */
const PLAIN_WASH: Method = {
  id: 'plain-wash',
  name: 'Soapy cloth',
  form: 'cloth',
  soils: [],
  where: [],
  needs: [
    { by: 'detergent', from: 0.1, to: 6 },
    { by: 'mild-alkali', from: 0, to: 5 },
    { by: 'acid', from: 0, to: 0.05 },
    { by: 'alcohol', from: 0, to: 5 },
  ],
  standing: 3,
  minutes: { useful: 0, best: 1, longest: 3 },
  share: 'spot',
  does: null,
  then: null,
  stroke: null,
  after: ['damp-cloth', 'dry'],
  conditions: [],
  ownConditions: false,
  route: null,
  steam: false,
  perM2ML: null,
  dose: null,
  school: null,
  brings: [],
  why: 'Not a soil of this surface: look again what it is. A soapy cloth does no harm while you do.',
  source: 'common-practice',
};

const NONE: readonly Method[] = [];

/** Soils that nobody wipes off in passing: public guidance alone says how. */
const NEVER_IN_PASSING = ['droppings'];

/** How much stronger or thinner than the table's the suds may be, by what the person holds with. */
const SUDS: Readonly<Record<string, number>> = { few: 0.5, many: 2 };

/** The same method with its suds as the person likes them; what clears a trace of film stays as it is. */
function withSuds(method: Method, schools: AdvicePreferences): Method {
  const times = SUDS[preferenceOf('suds', schools)];
  if (times === undefined || typeof method.needs === 'string') return method;
  const needs = method.needs.map((w) =>
    (w.by === 'surfactant' || w.by === 'detergent') && w.from > 0 ? { ...w, to: Math.max(w.from, w.to * times) } : w,
  );
  return { ...method, needs };
}

/** Where a choice of the person's decides whether a method is offered, or where it stands. */
function bySchool(method: Method, schools: AdvicePreferences): Method | null {
  if (method.school && preferenceOf(method.school.id, schools) !== method.school.choice) return null;
  const oven = preferenceOf('oven-paste', schools);
  if (method.route !== null && oven !== 'both' && oven !== method.route) return null;
  const soda = preferenceOf('which-soda', schools);
  const isWashing = method.needs !== 'nothing' && method.needs !== 'water' && method.needs[0]?.by === 'alkali';
  if (isWashing && soda === 'washing' && method.standing === 2) return { ...method, standing: 1 };
  if (isWashing && soda === 'baking' && method.standing === 1) return { ...method, standing: 2 };
  return method;
}

/** The disputed questions whose answer changes what is offered for a soil on a surface. */
export function disputedHere(surface: Pick<Surface, 'id' | 'schools'>, soilId: string): DisputedAdviceId[] {
  const listed = BY_PAIR.get(`${surface.id} ${soilId}`) ?? NONE;
  const asks = (is: (m: Method) => boolean, id: DisputedAdviceId): DisputedAdviceId[] => (listed.some(is) ? [id] : []);
  return [
    ...new Set([
      ...listed.flatMap((m) => (m.school ? [m.school.id] : [])),
      ...asks((m) => m.route !== null, 'oven-paste'),
      ...asks((m) => typeof m.needs !== 'string' && m.needs[0]?.by === 'alkali' && m.standing < 3, 'which-soda'),
    ]),
  ];
}

/** Whose lungs a mist reaches first. */
const BREATHES_MIST: readonly HouseholdMember[] = ['bird', 'asthma', 'infant'];

/** True where a mist is breathed by small, sore or feathered lungs. */
export const isMistBreathed = (household: readonly HouseholdMember[]): boolean =>
  household.some((member) => BREATHES_MIST.includes(member));

const WIPED_ON = 'Wipe it on with a well wetted cloth instead of spraying, and leave it wet.';

/** What is sprayed, wiped on instead; as it is where the same is done with a cloth or from a bucket anyway. */
function withoutMist(method: Method, all: readonly Method[]): Method {
  if (method.form !== 'spray' || typeof method.needs === 'string') return method;
  const by = method.needs[0]?.by;
  const hasTwin = all.some(
    (m) => (m.form === 'cloth' || m.form === 'bucket') && typeof m.needs !== 'string' && m.needs[0]?.by === by,
  );
  return hasTwin
    ? method
    : {
        ...method,
        form: 'cloth',
        name: `${method.name.replace(/,? sprayed$|\bspray$/, '').trim()}, wiped on`,
        does: WIPED_ON,
        // The film is as thick as if it were sprayed, and so is what it takes.
        perM2ML: method.perM2ML ?? SPRAY_FILM_ML_PER_M2,
      };
}

/**
 * The methods for a soil on a surface, as the person holds them, and as those who live there can breathe. Where the table has none, a plain wash stands for
 * what bears water; nothing does for what has to be kept dry, and where someone else's work begins.
 */
export function methodsFor(
  surface: Pick<Surface, 'id' | 'keepOut'>,
  soilId: string,
  schools: AdvicePreferences,
  household: readonly HouseholdMember[] = [],
): readonly Method[] {
  const listed = BY_PAIR.get(`${surface.id} ${soilId}`) ?? NONE;
  if (listed.length === 0)
    return surface.keepOut || NEVER_IN_PASSING.includes(soilId) || beyondHere(surface.id, soilId) !== null
      ? NONE
      : [PLAIN_WASH];
  const held = listed.flatMap((method) => bySchool(method, schools) ?? []).map((method) => withSuds(method, schools));
  return isMistBreathed(household) ? held.map((method) => withoutMist(method, held)) : held;
}
