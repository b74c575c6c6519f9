/** The tint of a layer in the bottle, by what it is. Only to tell layers apart: every layer carries its name. */
export function liquidColor(ingredientId: string, form: 'liquid' | 'powder' | 'oil' | 'solid'): string {
  if (form === 'powder' || form === 'solid') return '#F7F3E8';
  if (form === 'oil') return '#B9A13A';
  if (/water/.test(ingredientId)) return '#BCD6DC';
  if (/vinegar|lemon/.test(ingredientId)) return '#E3D58C';
  if (/soap/.test(ingredientId)) return '#DDA95C';
  if (/alcohol|spirit|vodka/.test(ingredientId)) return '#C9CFE6';
  if (/peroxide/.test(ingredientId)) return '#BFE0C8';
  if (/^unknown/.test(ingredientId)) return '#CFC6B6';
  return '#D5C3B5';
}
