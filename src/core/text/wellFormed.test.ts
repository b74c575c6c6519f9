import fc from 'fast-check';
import { runs } from '../../testing/runs';
import { wellFormed } from './wellFormed';

test('what no page can hold is left out; all that people write stays', () => {
  expect(wellFormed('Galley\u0000 glass\u0007')).toBe('Galley glass');
  expect(wellFormed('half \uD83C of a flag')).toBe('half \uFFFD of a flag');
  expect(wellFormed('\uDFF4 and \uDFF4')).toBe('\uFFFD and \uFFFD');
  for (const text of ['line\nand\ttab', 'Zitronensäure 5 %', '½ cup', '🧽 sponge', 'مسحوق', '洗剤'])
    expect(wellFormed(text)).toBe(text);
});

// Extensible Markup Language 1.0 (fifth edition), production 2: Char.
const isXmlChar = (code: number): boolean =>
  code === 9 ||
  code === 10 ||
  code === 13 ||
  (code >= 0x20 && code <= 0xd7ff) ||
  (code >= 0xe000 && code <= 0xfffd) ||
  (code >= 0x10000 && code <= 0x10ffff);

test('any text becomes one that XML can hold, and is then left as it is', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'binary' }), fc.integer({ min: 0, max: 0xffff }), (text, unit) => {
      const clean = wellFormed(text + String.fromCharCode(unit));
      expect(Array.from(clean).every((c) => isXmlChar(c.codePointAt(0) ?? 0))).toBe(true);
      expect(wellFormed(clean)).toBe(clean);
    }),
    { numRuns: runs(500) },
  );
});
