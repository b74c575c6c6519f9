import toCurrency from 'country-to-currency';

/** Money as it is written where the person lives. */
interface Written {
  /** Decimals that its coins have. */
  readonly decimals: number;
  readonly write: (amount: number, decimals: number) => string;
}

/** ISO 4217 names currencies by three capital letters. */
const CODE = /^[A-Z]{3}$/;

const isCode = (currency: string): boolean =>
  CODE.test(currency) && Intl.supportedValuesOf('currency').includes(currency);

/** What the device is set to. */
const languageHere = (): string =>
  typeof navigator === 'undefined' ? Intl.NumberFormat().resolvedOptions().locale : navigator.language;

/** The currency of a language's country; pounds where it names none. */
function currencyOf(language: string): string {
  const { region } = new Intl.Locale(language).maximize();
  return (toCurrency as Readonly<Record<string, string>>)[region ?? ''] ?? 'GBP';
}

const byCode = new Map<string, Written>();

function writtenBy(code: string): Written {
  const known = byCode.get(code);
  if (known) return known;
  const usual = { style: 'currency', currency: code, currencyDisplay: 'narrowSymbol' } as const;
  const written: Written = {
    decimals: new Intl.NumberFormat('en-GB', usual).resolvedOptions().maximumFractionDigits ?? 2,
    write: (amount, decimals) =>
      new Intl.NumberFormat('en-GB', {
        ...usual,
        minimumFractionDigits: decimals,
        maximumFractionDigits: decimals,
      }).format(amount),
  };
  byCode.set(code, written);
  return written;
}

/** By a sign of the person's own: before the number, letters with a space. */
function writtenWith(sign: string): Written {
  const gap = /\p{L}$/u.test(sign) ? ' ' : '';
  return {
    decimals: 2,
    write: (amount, decimals) => `${amount < 0 ? '-' : ''}${sign}${gap}${Math.abs(amount).toFixed(decimals)}`,
  };
}

const writtenIn = (currency: string): Written =>
  currency === ''
    ? writtenBy(currencyOf(languageHere()))
    : isCode(currency)
      ? writtenBy(currency)
      : writtenWith(currency);

/**
 * An amount of money: "£1.95", "¥340", "kr 12.00". What is less than ten of the least coins has a figure more.
 * @param currency as it is set: a sign, three letters of ISO 4217, or empty for that of the country the device is set to
 */
export function moneyText(amount: number, currency: string): string {
  const { decimals, write } = writtenIn(currency);
  const isSmall = amount !== 0 && Math.abs(amount) < 10 ** (1 - decimals);
  return write(amount, isSmall ? decimals + 1 : decimals).replace('-', '−');
}

/**
 * The sign alone, for the name of a field.
 * @param language of the device, as in BCP 47
 */
export function moneySign(currency: string, language: string = languageHere()): string {
  if (currency !== '' && !isCode(currency)) return currency;
  const code = currency === '' ? currencyOf(language) : currency;
  const parts = new Intl.NumberFormat('en-GB', {
    style: 'currency',
    currency: code,
    currencyDisplay: 'narrowSymbol',
  }).formatToParts(0);
  return parts.find((p) => p.type === 'currency')?.value ?? code;
}
