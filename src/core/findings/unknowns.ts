import { mixtureRule, ruleAbout } from './rule';

export const unknownIngredient = mixtureRule({
  code: 'unknown-ingredient',
  description: 'ingredients Biscuit does not know',
  sources: [],
  message: {
    happens: 'Not checked: Biscuit does not know {subjects}.',
    why: 'Without its contents nothing can be said of how it meets the others.',
    instead: 'Say which ingredient it is, or leave it out. Never add a bought cleaner to a mixture.',
  },
  check: ({ unknown }) => (unknown.length > 0 ? { level: 'caution', subjects: unknown } : null),
});

/** A name that the reader did not take for an ingredient, found by a scan of its own. */
export const namedButNotRead = mixtureRule({
  code: 'named-but-not-read',
  description: 'hazards named in the text and not among the lines',
  sources: ['public-health-never-mix'],
  message: {
    happens: '{subjects} {stands|stand} in the text: {does it|do they} go in?',
    why: 'No line holds {it|them}, and nothing in the sentence keeps {it|them} out. Until that is said, {it is|they are} not checked with the others.',
    instead: 'Write how much goes in, as a line of its own; or say that it is only a note.',
  },
  check: ({ hazards }) => (hazards.length > 0 ? { level: 'caution', subjects: hazards } : null),
});

export const ofUnknownKind = mixtureRule({
  code: 'of-unknown-kind',
  description: 'names that more than one kind of product goes by',
  sources: ['public-health-never-mix', 'sds-memory'],
  message: {
    happens: '{subjects}: which kind, or how strong, is not said. It is judged as the worst.',
    why: 'Products of one name differ by maker and strength: acid, bleach, lye or solvent. The label says which.',
    instead: 'Read the label, and say which it is; or leave it out.',
  },
  check: ({ unknownKinds }) => (unknownKinds.length > 0 ? { level: 'caution', subjects: unknownKinds } : null),
});

export const boughtInFormula = mixtureRule({
  code: 'bought-in-formula',
  description: 'bought cleaners as a line of a formula',
  sources: ['public-health-never-mix', 'sds-memory'],
  message: {
    happens:
      '{subjects} {is a bought product: it holds|are bought products: they hold} more than is known here, and {does|do} not belong in a mixture.',
    why: 'The maker has tested it as it is; what it does with other things is not on the label.',
    instead: 'Use it alone, as its label says, or leave it out.',
  },
  check: ({ state, formula }) => {
    const bought = state.ingredients.filter((b) => b.role === 'bought').map((b) => b.name);
    return formula && bought.length > 0 ? { level: 'caution', subjects: [...new Set(bought)] } : null;
  },
});

export const labelWarns = mixtureRule({
  code: 'label-warns',
  description: 'what the label of an ingredient of one’s own warns of',
  sources: ['sds-memory'],
  message: {
    happens: 'The label of {subjects} says: {printed}.',
    why: 'It was found out for all that is in it, also for what is not known here. Thinned it is milder, and not harmless.',
    instead: 'Do as that label says, with gloves, eyes and air; and copy its words onto this one.',
  },
  check: ({ state, formula }) =>
    formula
      ? state.ingredients.flatMap(({ name, warning }) =>
          warning && (warning.signalWord !== null || warning.pictograms.length > 0)
            ? [
                {
                  level: 'caution',
                  subjects: [name],
                  words: {
                    printed: [...(warning.signalWord ? [warning.signalWord] : []), ...warning.pictograms].join(', '),
                  },
                } as const,
              ]
            : [],
        )
      : null,
});

export const amountsDisagree = mixtureRule({
  code: 'amounts-disagree',
  description: 'one amount given two ways',
  sources: ['usda-memory', 'nist-hb44'],
  message: {
    happens: 'The two amounts of {subjects} do not agree: {usedG} g by the first, {otherG} g by the second.',
    why: 'They differ by {differencePercent} %. The first one is used here.',
    instead: 'Keep the first, or take the second if you trust it more.',
  },
  check: ({ disagreements }) =>
    disagreements.map((d) => ({
      level: 'caution' as const,
      subjects: [d.line.ingredient.kind === 'known' ? d.line.ingredient.id.replace(/-/g, ' ') : d.line.ingredient.name],
      figures: { usedG: d.usedG, otherG: d.otherG, differencePercent: d.differencePercent },
    })),
});

/** What a vague amount turns: raised by the evaluation, which runs the formula at both ends. */
export const vagueAmount = ruleAbout<readonly string[]>()({
  code: 'vague-amount',
  description: 'verdicts that turn on a vague amount',
  sources: ['common-practice'],
  message: {
    happens: 'The verdict turns on how much {subjects} is meant.',
    why: 'At one end of what the words can mean it is worse than at the other; the worse is shown.',
    instead: 'Say the amount in mL, spoons or drops.',
  },
  check: (subjects) => (subjects.length > 0 ? { level: 'caution', subjects } : null),
});
