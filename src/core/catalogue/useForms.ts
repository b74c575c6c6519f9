/** How a mixture gets to where it works. */
export const USE_FORMS = [
  'dry',
  'cloth',
  'spray',
  'bucket',
  'paste',
  'strew',
  'absorb',
  'blot',
  'soak',
  'fill',
  'bag',
  'steam',
  'machine',
  'pour',
  'foil',
  'heat',
  'cold',
  'hand',
  'air',
  'pieces',
] as const;
export type UseForm = (typeof USE_FORMS)[number];

/** An even wet film of a spray, mL per m² (common practice: 30 to 80). */
export const SPRAY_FILM_ML_PER_M2 = 50;
