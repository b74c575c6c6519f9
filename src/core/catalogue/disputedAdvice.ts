/** A question on which careful people differ, and what they say. */
interface AdviceRow<Id extends string> {
  readonly id: Id;
  readonly question: string;
  readonly choices: readonly { readonly id: string; readonly says: string }[];
  /** The choice that holds until the person chooses. */
  readonly byDefault: string;
}

const disputed = <const Id extends string>(
  id: Id,
  question: string,
  byDefault: string,
  choices: Readonly<Record<string, string>>,
): AdviceRow<Id> => ({
  id,
  question,
  byDefault,
  choices: Object.entries(choices).map(([key, says]) => ({ id: key, says })),
});

/**
 * Where careful people differ. Both ways are kept; Biscuit takes the stricter one until the person chooses.
 * Common practice, no source.
 */
export const DISPUTED_ADVICE = [
  disputed('vinegar-on-sealed-wood', 'Vinegar on sealed wood?', 'never', {
    never: 'Never: acid dulls and softens the finish.',
    diluted: 'Well diluted, under 0.3 % acid, the cloth wrung out.',
  }),
  disputed('vinegar-on-mirrors', 'Vinegar on mirrors?', 'cloth', {
    cloth: 'On the cloth alone, never at the edges: it creeps behind the silver.',
    fine: 'Sprayed on, wiped at once: it leaves no streaks.',
  }),
  disputed('vinegar-on-granite', 'Alcohol or vinegar on granite?', 'soap', {
    soap: 'Soap and water alone.',
    dilute: 'Dilute is fine where it is sealed.',
  }),
  disputed('fizz-on-the-surface', 'Soda and vinegar together on the surface?', 'cancels', {
    cancels: 'It is scrubbing with salt water: one after the other does more.',
    lifts: 'The fizz lifts what is loose.',
  }),
  disputed('which-soda', 'Baking soda or washing soda?', 'by-ph', {
    'by-ph': 'The pH says which.',
    washing: 'The stronger alkali cleans.',
    baking: 'No visible difference: the rubbing does it.',
  }),
  disputed('oven-paste', 'How long does oven paste stay?', 'both', {
    both: 'Both ways: the quick one after steaming, the long one overnight.',
    quick: 'Steam, then 20 minutes.',
    overnight: '12 hours or overnight, dry and cold.',
  }),
  disputed('which-water', 'Which water?', 'by-keeping', {
    'by-keeping': 'Distilled if it is kept beyond two weeks.',
    distilled: 'Distilled: it keeps.',
    tap: 'Tap, made small and fresh.',
  }),
  disputed('which-bottle', 'Which bottle for oils?', 'by-strength', {
    'by-strength': 'By the oil’s strength: glass over 1 %.',
    glass: 'Glass.',
    plastic: 'HDPE or PET is fine when dilute.',
  }),
  disputed('scent', 'How much scent?', 'count', {
    count: 'By count, adjusted by the nose, and remembered.',
    nose: 'To the nose.',
  }),
  disputed('scouring', 'How hard may a scourer be?', 'softer', {
    softer: 'Nothing harder than the surface.',
    soda: 'Nothing harder than soda.',
    steel: 'Fine steel wool on enamel.',
  }),
  disputed('soap-with-vinegar', 'Soap and vinegar together?', 'cancels', {
    cancels: 'It curdles: shown as cancelling, with the pH.',
    habit: 'A long habit.',
  }),
  disputed('suds', 'How many suds?', 'by-place', {
    'by-place': 'Generous in a bowl, few on worktops.',
    few: 'Few: less to rinse.',
    many: 'Generous.',
  }),
  disputed('batch-size', 'How much at a time?', 'by-shelf-life', {
    'by-shelf-life': 'As much as is used while it keeps.',
    small: 'Small and often.',
    big: 'A big stock.',
  }),
] as const;

export type DisputedAdviceId = (typeof DISPUTED_ADVICE)[number]['id'];
export type DisputedAdvice = AdviceRow<DisputedAdviceId>;

/** The person's choices; what is not there stands at its default. */
export type AdvicePreferences = Readonly<Partial<Record<DisputedAdviceId, string>>>;

/** What a person holds with: their choice, or the default. */
export function preferenceOf(id: DisputedAdviceId, choices: AdvicePreferences): string {
  const found = DISPUTED_ADVICE.find((s) => s.id === id);
  if (!found) throw new Error(`No row for the school ${id}`);
  const chosen = choices[id];
  return chosen && found.choices.some((c) => c.id === chosen) ? chosen : found.byDefault;
}
