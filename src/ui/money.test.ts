import { moneySign, moneyText } from './money';

// Signs and decimals by ISO 4217 and the Unicode CLDR, as the platform has them.
test.each([
  [1.95, 'GBP', '£1.95'],
  [1.95, '£', '£1.95'],
  [12, 'kr', 'kr 12.00'],
  [1234.5, 'EUR', '€1,234.50'],
  [340, 'JPY', '¥340'],
  [-2.5, 'USD', '−$2.50'],
  [-2.5, 'zł', '−zł 2.50'],
])('%d in %j is %s', (amount, currency, text) => expect(moneyText(amount, currency).replace(/ /g, ' ')).toBe(text));

test('what is less than ten of the least coins has a figure more', () => {
  expect(moneyText(0.014, '£')).toBe('£0.014');
  expect(moneyText(0.1, '£')).toBe('£0.10');
  expect(moneyText(0, '£')).toBe('£0.00');
  expect(moneyText(4.2, 'JPY')).toBe('¥4.2');
});

test('three letters that name no currency are a sign', () => expect(moneyText(2, 'QQQ')).toBe('QQQ 2.00'));

test.each([
  ['de-CH', 'CHF'],
  ['nb', 'kr'],
  ['en', '$'],
  ['en-GB', '£'],
])('where nothing is set it is the money of the country that the device is set to: %s', (language, sign) =>
  expect(moneySign('', language)).toBe(sign),
);
