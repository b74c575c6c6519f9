/**
 * A number as a person types it, with comma or point; null where nothing stands. What is no number comes
 * back as it was typed, for a schema to refuse with its own message.
 */
export function typedNumber(text: string): number | string | null {
  if (text.trim() === '') return null;
  const value = Number(text.trim().replace(',', '.'));
  return Number.isFinite(value) ? value : text;
}
