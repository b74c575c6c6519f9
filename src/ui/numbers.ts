const grouped = new Intl.NumberFormat('en-GB', { maximumFractionDigits: 0 });
const oneDecimal = new Intl.NumberFormat('en-GB', { maximumFractionDigits: 1 });
const twoDecimals = new Intl.NumberFormat('en-GB', { maximumFractionDigits: 2 });

/** A number as it is read on a worktop: whole above 20, one decimal above 2, two below. */
export function formatNumber(value: number): string {
  const size = Math.abs(value);
  return (size >= 20 ? grouped : size >= 2 ? oneDecimal : twoDecimals).format(value);
}

const US_FLUID_OUNCE_ML = 29.5735295625;
const OUNCE_G = 28.349523125;

/** A volume in the person's units: mL and litres, or US fluid ounces. */
export function volumeText(mL: number, units: 'metric' | 'us' = 'metric'): string {
  if (units === 'us') return `${formatNumber(mL / US_FLUID_OUNCE_ML)} fl oz`;
  return mL >= 1000 ? `${formatNumber(mL / 1000)} L` : `${formatNumber(mL)} mL`;
}

/** A mass in the person's units: grams and kilograms, or ounces. */
export function massText(g: number, units: 'metric' | 'us' = 'metric'): string {
  if (units === 'us') return `${formatNumber(g / OUNCE_G)} oz`;
  return g >= 1000 ? `${formatNumber(g / 1000)} kg` : `${formatNumber(g)} g`;
}

/** A signed error: "+1.8 %", "−0.5 %", or "exact". */
export function errorText(percent: number): string {
  if (Math.abs(percent) < 0.05) return 'exact';
  return `${percent > 0 ? '+' : '−'}${oneDecimal.format(Math.abs(percent))} %`;
}

/** A day, as it is written on a label: 24 Nov 2026. */
export const dayText = (iso: string): string =>
  new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' }).format(new Date(iso));

const UNIT_ENDINGS: readonly (readonly [RegExp, string])[] = [
  [/PercentWV$/, '% w/v'],
  [/PercentVV$/, '% v/v'],
  [/PercentWW$/, '% w/w'],
  [/Percent$/, '%'],
  [/PPM$/, 'ppm'],
  [/GPerL$/, 'g/L'],
  [/Mmol$/, 'mmol'],
  [/Minutes$/, 'minutes'],
  [/Bar$/, 'bar'],
  [/ML$/, 'mL'],
  [/C$/, '°C'],
  [/G$/, 'g'],
];

/** Figures whose key does not read as words. */
const NAMED: Readonly<Record<string, string>> = { pH: 'pH', ghsCategory: 'GHS category' };

/** A figure of a finding in words: "carbonDioxideML" becomes "Carbon dioxide: 4 960 mL". */
export function figureText(key: string, value: number): string {
  const named = NAMED[key];
  if (named) return `${named}: ${oneDecimal.format(value)}`;
  const ending = UNIT_ENDINGS.find(([pattern]) => pattern.test(key));
  const words = (ending ? key.replace(ending[0], '') : key).replace(/([a-z])([A-Z])/g, '$1 $2').toLowerCase();
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}: ${formatNumber(value)}${ending ? ` ${ending[1]}` : ''}`;
}
