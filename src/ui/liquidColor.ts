/** The tint of a layer in the bottle, by what it is. Only to tell layers apart: every layer carries its name. */
export function liquidColor(ingredientId: string, form: 'liquid' | 'powder' | 'oil' | 'solid'): string {
  if (form === 'powder' || form === 'solid') return '#F7F3E8';
  if (form === 'oil') return '#B9A13A';
  if (ingredientId.includes('water')) return '#BCD6DC';
  if (/vinegar|lemon/.test(ingredientId)) return '#E3D58C';
  if (ingredientId.includes('soap')) return '#DDA95C';
  if (/alcohol|spirit|vodka/.test(ingredientId)) return '#C9CFE6';
  if (ingredientId.includes('peroxide')) return '#BFE0C8';
  if (ingredientId.startsWith('unknown')) return '#CFC6B6';
  return '#D5C3B5';
}
