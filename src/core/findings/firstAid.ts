import type { Finding } from './finding';

/** What has happened to someone; the first steps for each are public guidance. */
export type Accident = 'breathed' | 'eye' | 'skin' | 'swallowed' | 'fire';

/** What an accident with each danger is like: gas is breathed, what burns or boils splashes, what lights burns. */
const ACCIDENTS: Readonly<Record<string, readonly Accident[]>> = {
  'chlorine-gas': ['breathed', 'eye'],
  'chloramine-gas': ['breathed', 'eye'],
  'bleach-with-alcohol': ['breathed', 'eye', 'skin'],
  'bleach-with-peroxide': ['eye', 'skin', 'breathed'],
  'bleach-with-cleaner': ['breathed', 'eye', 'skin'],
  'bleach-in-formula': ['eye', 'skin'],
  'oxidiser-with-fuel': ['fire', 'breathed'],
  'peracetic-acid': ['breathed', 'eye', 'skin'],
  'explosive-peroxide': ['eye', 'skin', 'fire'],
  'violent-heat': ['eye', 'skin'],
  'not-for-a-home': ['skin', 'eye', 'breathed', 'swallowed'],
  'corrosive-acid': ['eye', 'skin', 'swallowed'],
  'corrosive-alkali': ['eye', 'skin', 'swallowed'],
  'strong-peroxide': ['eye', 'skin'],
  'ammonia-fumes': ['breathed', 'eye'],
  'flammable-liquid': ['fire'],
  'self-heating-rags': ['fire'],
  pressure: ['eye'],
  'unstable-peroxide': ['eye'],
};

/** The accidents that belong to findings, the likeliest first, each once. What is harmless brings none. */
export const accidentsOf = (findings: readonly Finding[]): Accident[] => [
  ...new Set(findings.filter((f) => f.level === 'danger').flatMap((f) => ACCIDENTS[f.code] ?? [])),
];

/** What may happen with any cleaner, whatever it is made of. */
const WITH_ANY: readonly Accident[] = ['eye', 'skin', 'swallowed'];

/** The accidents to be ready for with a mixture: those of any cleaner, and those of what was found, mild or not. */
export const firstAidFor = (findings: readonly Finding[]): Accident[] => [
  ...new Set([...WITH_ANY, ...findings.filter((f) => f.level !== 'clear').flatMap((f) => ACCIDENTS[f.code] ?? [])]),
];

/** What to do first after an accident. General first steps in the wording of public guidance (from memory); no medical advice. */
export const FIRST_STEPS: Readonly<Record<Accident, { readonly after: string; readonly steps: readonly string[] }>> = {
  breathed: {
    after: 'Breathed fumes',
    steps: [
      'Out into fresh air, at once, and everyone with you.',
      'Leave the mixture where it is; open what you can on the way.',
      'Short of breath, coughing, dizzy: call the emergency number.',
    ],
  },
  eye: {
    after: 'In the eye',
    steps: [
      'Rinse with plenty of lukewarm water for 15 to 20 minutes, lids held open.',
      'Take out contact lenses while you rinse.',
      'Then call the poison-advice line or see someone who can look at it.',
    ],
  },
  skin: {
    after: 'On the skin',
    steps: ['Take off what is soaked.', 'Rinse with plenty of water for 15 to 20 minutes. Never try to neutralise it.'],
  },
  swallowed: {
    after: 'Swallowed',
    steps: ['Do not make them vomit.', 'Have the label at hand and call the poison-advice line at once.'],
  },
  fire: {
    after: 'It smokes or burns',
    steps: ['Everyone out, the door closed behind you.', 'Call the emergency number from outside.'],
  },
};
