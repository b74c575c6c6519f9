import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { runs } from '../testing/runs';
import jsQR from 'jsqr';
import { PDFDocument } from 'pdf-lib';
import { evaluate, formulaText, labelOf, STARTER_FORMULAS, DEFAULT_CONTEXT, VESSEL_SHAPES } from '@/core';
import { codeOf } from './code';
import { labelFonts } from './fonts';
import { labelLayout, labelSizeFor, type LabelFacts, type Modules } from './labelLayout';
import { labelPdf } from './labelPdf';
import { perSheet } from './paper';
import { labelSvg } from './labelSvg';

const FILES = 'node_modules/@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin';
const face = (weight: number): Uint8Array<ArrayBuffer> =>
  new Uint8Array(readFileSync(`${FILES}-${weight}-normal.woff`));
const fonts = labelFonts(face(400), face(700));

const factsOf = (id: string): LabelFacts => {
  const formula = STARTER_FORMULAS.find((f) => f.id === id)!;
  const result = evaluate(formula, { ...DEFAULT_CONTEXT, scope: formula.use });
  if (!result.ok) throw new Error(id);
  return {
    content: labelOf(formula, result.value),
    volume: '450 mL',
    made: '25 Nov 2026',
    discardBy: '23 Feb 2027',
    code: codeOf(formulaText(formula)),
  };
};
const everyday = factsOf('starter-everyday');

/** A code as a camera would see it: four pixels a module, four modules of white around. */
function seen(modules: Modules): { data: Uint8ClampedArray; side: number } {
  const side = 4 * (modules.length + 8);
  const data = new Uint8ClampedArray(4 * side * side).fill(255);
  modules.forEach((row, y) =>
    row.forEach((dark, x) => {
      if (!dark) return;
      for (let i = 0; i < 16; i++) {
        const at = 4 * ((4 * (y + 4) + Math.floor(i / 4)) * side + 4 * (x + 4) + (i % 4));
        data.fill(0, at, at + 3);
      }
    }),
  );
  return { data, side };
}

describe('the code on the label', () => {
  test.each(STARTER_FORMULAS.map((f) => [f.name, formulaText(f)] as const))(
    '%s: an independent reader reads the card back',
    (_, text) => {
      const { data, side } = seen(codeOf(text)!);
      expect(jsQR(data, side, side)?.data).toBe(text);
    },
  );

  test('what is too long for any code gives none', () => expect(codeOf('x'.repeat(5000))).toBeNull());
});

describe('the layout', () => {
  test('every word that must stand on it does, and nothing runs out of it or under the code', () => {
    for (const formula of STARTER_FORMULAS) {
      for (const size of [
        { widthMM: 40, heightMM: 30 },
        { widthMM: 77, heightMM: 110 },
        { widthMM: 100, heightMM: 70 },
      ]) {
        const facts = factsOf(formula.id);
        const layout = labelLayout(facts, size, fonts.width);
        const text = layout.runs.map((r) => r.text).join(' ');
        for (const words of [facts.content.name, ...facts.content.cautions, facts.discardBy, 'chlorine bleach']) {
          if (words === facts.discardBy && facts.content.keeps.highDays === 0) continue;
          expect(text).toContain(words);
        }
        for (const run of layout.runs) {
          const right = run.x + fonts.width(run.text, run.sizePT, run.bold);
          const beside = layout.code !== null && run.y > layout.code.y;
          expect(right).toBeLessThanOrEqual((beside ? layout.code.x : layout.widthMM) + 0.01);
          expect(run.y).toBeLessThanOrEqual(layout.heightMM);
        }
        expect(layout.heightMM).toBeGreaterThanOrEqual(size.heightMM);
      }
    }
  });

  test('the text is as large as the label lets it be', () => {
    const small = labelLayout(everyday, { widthMM: 60, heightMM: 45 }, fonts.width);
    const large = labelLayout(everyday, { widthMM: 100, heightMM: 90 }, fonts.width);
    expect(large.textPT).toBeGreaterThan(small.textPT);
    expect(large.grew).toBe(false);
  });

  test('modules of the code are large enough for a phone, or there is none', () => {
    fc.assert(
      fc.property(fc.integer({ min: 30, max: 120 }), fc.integer({ min: 25, max: 120 }), (widthMM, heightMM) => {
        const { code } = labelLayout(everyday, { widthMM, heightMM }, fonts.width);
        if (code) expect(code.sideMM / code.modules.length).toBeGreaterThanOrEqual(0.33);
      }),
      { numRuns: runs(60) },
    );
  });

  test.each(VESSEL_SHAPES.filter((s) => s.id !== 'tub').map((s) => [s.name, s] as const))(
    'fits on a %s',
    (_, shape) => {
      const { widthMM, heightMM } = labelSizeFor(shape.profile);
      const widest = Math.max(...shape.profile.map((p) => p.diameterMM));
      // Read from one side: less than half of the way round; a dropper's is the least a label can be.
      expect(widthMM).toBeLessThanOrEqual(Math.max(40, (Math.PI * widest) / 2));
      expect(heightMM).toBeLessThanOrEqual(shape.profile.at(-1)!.heightMM);
    },
  );
});

describe('the files', () => {
  const layout = labelLayout(everyday, { widthMM: 70, heightMM: 50 }, fonts.width);

  test('the PDF page is the label, to a hundredth of a point', async () => {
    const read = await PDFDocument.load(await labelPdf(layout, fonts, false));
    const { width, height } = read.getPage(0).getSize();
    // 1 inch is 25.4 mm and 72 points (ISO 32000).
    expect(width).toBeCloseTo((70 / 25.4) * 72, 2);
    expect(height).toBeCloseTo((layout.heightMM / 25.4) * 72, 2);
    expect(read.getTitle()).toBe(layout.runs[0]?.text);
  });

  test('a sheet is A4 and holds as many as fit', async () => {
    const read = await PDFDocument.load(await labelPdf(layout, fonts, true));
    const { width, height } = read.getPage(0).getSize();
    // ISO 216: 210 × 297 mm.
    expect((width / 72) * 25.4).toBeCloseTo(210, 2);
    expect((height / 72) * 25.4).toBeCloseTo(297, 2);
    const { columns, rows } = perSheet(layout);
    expect(columns * layout.widthMM + (columns - 1) * 4).toBeLessThanOrEqual(190);
    expect(rows * layout.heightMM + (rows - 1) * 4).toBeLessThanOrEqual(277);
  });

  test('the SVG says its size in mm and escapes what it must', () => {
    const odd = { ...everyday, content: { ...everyday.content, name: 'Salt & <pepper>' } };
    const svg = labelSvg(labelLayout(odd, { widthMM: 70, heightMM: 50 }, fonts.width), {
      regular: 'data:,',
      bold: 'data:,',
    });
    expect(svg).toContain('width="70mm"');
    expect(svg).toContain('Salt &amp; &lt;pepper&gt;');
    expect(svg).not.toContain('<pepper>');
  });
});
