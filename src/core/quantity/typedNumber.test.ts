import { readBack, typedMeasure, typedNumber, typedQuantity } from './typedNumber';

// Grouping and decimal signs: common practice of each country (as in the locale data of any browser).
test.each([
  ['', null, null],
  ['   ', null, null],
  ['4', 4, 4],
  ['4.5', 4.5, 4.5],
  ['4,5', 4.5, 4.5],
  [' -1 ', -1, -1],
  ['.5', 0.5, 0.5],
  ['4.', 4, 4],
  ['0.125', 0.125, 0.125],
  ['0,125', 0.125, 0.125],
  ['1,000', 1000, 1],
  ['1.000', 1, 1000],
  ['12,345', 12345, 12.345],
  ['1,234.5', 1234.5, 1234.5],
  ['1.234,5', 1234.5, 1234.5],
  ['1,234,567', 1234567, 1234567],
  ['1.234.567', 1234567, 1234567],
  ['1 000', 1000, 1000],
  ['1\u202f000,5', 1000.5, 1000.5],
  ["1'000", 1000, 1000],
  ['1’000.5', 1000.5, 1000.5],
  ['1e3', '1e3', '1e3'],
  ['lots', 'lots', 'lots'],
  ['1,2,3', '1,2,3', '1,2,3'],
  ['1 2', '1 2', '1 2'],
  ['1,23.4', '1,23.4', '1,23.4'],
  ['0x10', '0x10', '0x10'],
  ['Infinity', 'Infinity', 'Infinity'],
  ['1/2', '1/2', '1/2'],
  ['−2,5', -2.5, -2.5],
  ['+3', 3, 3],
  ['4-', '4-', '4-'],
  ['-1,000', -1000, -1],
  ["1'000.25", 1000.25, 1000.25],
  ["1'000'000", 1000000, 1000000],
  ["1'00", "1'00", "1'00"],
  ["1'0000", "1'0000", "1'0000"],
  ["0'123", "0'123", "0'123"],
  ['1,0000', 1.0, 1],
  ['a1,000', 'a1,000', 'a1,000'],
  ['1,000,00', '1,000,00', '1,000,00'],
  ['1000,000', 1000, 1000],
  ['1,000,0000', '1,000,0000', '1,000,0000'],
  ['1,234.5.6', '1,234.5.6', '1,234.5.6'],
  ['1,234.5x', '1,234.5x', '1,234.5x'],
  ['.55', 0.55, 0.55],
  ['x.5', 'x.5', 'x.5'],
  ['.5x', '.5x', '.5x'],
  ['12 345 678', 12345678, 12345678],
  ['123 456', 123456, 123456],
  ['0 123', '0 123', '0 123'],
  ['12 34', '12 34', '12 34'],
  ['1 0000', '1 0000', '1 0000'],
  ['-1 000', -1000, -1000],
  ['x1 000', 'x1 000', 'x1 000'],
  ['1 000,25', 1000.25, 1000.25],
])('%j is %j where a point parts decimals, %j where a comma does', (typed, point, comma) => {
  expect(typedNumber(typed, '.')).toBe(point);
  expect(typedNumber(typed, ',')).toBe(comma);
});

test.each([
  ['2.5 m²', 2.5],
  ['8 %', 8],
  ['40 g', 40],
  ['1,000 mL', 1000],
  [' 7mL ', 7],
  ['7   mL', 7],
  ['7 mL 8', NaN],
  ['many', NaN],
  ['', NaN],
])('%j with its unit passed over is %d', (typed, value) => {
  expect(typedMeasure(typed)).toBe(value);
});

test('what another might read otherwise is shown back, and nothing else', () => {
  expect(['1,000', '1.000', '250', '2.5', '0,125', 'many', ''].map((t) => readBack(t, '.'))).toEqual([
    '1000',
    '1',
    null,
    null,
    null,
    null,
    null,
  ]);
  expect(readBack('1.500', ',')).toBe('1500');
  expect(readBack('1,500', ',')).toBe('1,5');
  expect(readBack('1,000 mL', '.')).toBe('1000');
  expect(readBack(' 1,000mL ', '.')).toBe('1000');
  expect(readBack('1,000  mL', '.')).toBe('1000');
  expect(readBack('1,000 mL 5', '.')).toBeNull();
});

test.each([
  ['250', { value: 250, unit: 'g' }],
  ['250 mL', { value: 250, unit: 'mL' }],
  ['40g', { value: 40, unit: 'g' }],
  ['0.1 L', { value: 100, unit: 'mL' }],
  ['1.5 kg', { value: 1500, unit: 'g' }],
  // A US cup is 236.5882365 mL (NIST Handbook 44, Appendix C).
  ['2 cups', { value: 473.176473, unit: 'mL' }],
  ['1 fl oz', { value: 29.5735295625, unit: 'mL' }],
  [' 2 KG. ', { value: 2000, unit: 'g' }],
  ['1 pound', { value: 453.59237, unit: 'g' }],
  ['2 kg of it!', null],
  ['3 spoonfuls', null],
  ['lots', null],
  ['', null],
  ['kg', null],
])('%j of what is dry is %j', (text, expected) => {
  expect(typedQuantity(text, 'g', 'us')).toEqual(expected);
});
