import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { runs } from '../testing/runs';
import jsQR from 'jsqr';
import { PDFDocument } from 'pdf-lib';
import { evaluate, formulaText, labelOf, STARTER_FORMULAS, DEFAULT_CONTEXT, VESSEL_SHAPES, type Batch } from '@/core';
import { handedOn } from '@/core/doors/household';
import { cardLayout } from './cardLayout';
import { codeOf } from './code';
import { labelFonts } from './fonts';
import { labelLayout, labelSizeFor, type LabelFacts, type Modules } from './labelLayout';
import { labelPdf, sheetPdf } from './labelPdf';
import { A4, GAP_MM, MARGIN_MM, onSheets, perSheet } from './paper';
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
    const read = await PDFDocument.load(await labelPdf(layout, fonts));
    const { width, height } = read.getPage(0).getSize();
    // 1 inch is 25.4 mm and 72 points (ISO 32000).
    expect(width).toBeCloseTo((70 / 25.4) * 72, 2);
    expect(height).toBeCloseTo((layout.heightMM / 25.4) * 72, 2);
    expect(read.getTitle()).toBe(layout.runs[0]?.text);
  });

  test('a sheet is A4 and holds as many as fit', async () => {
    const { columns, rows } = perSheet(layout);
    const copies = Array.from({ length: columns * rows }, () => layout);
    const read = await PDFDocument.load(await sheetPdf(copies, fonts));
    // One more begins a second sheet.
    expect(read.getPageCount()).toBe(1);
    expect((await PDFDocument.load(await sheetPdf([...copies, layout], fonts))).getPageCount()).toBe(2);
    const { width, height } = read.getPage(0).getSize();
    // ISO 216: 210 × 297 mm.
    expect((width / 72) * 25.4).toBeCloseTo(210, 2);
    expect((height / 72) * 25.4).toBeCloseTo(297, 2);
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

describe('labels of several bottles on sheets', () => {
  const size = fc.record({ widthMM: fc.integer({ min: 30, max: 190 }), heightMM: fc.integer({ min: 20, max: 277 }) });

  test('none lies over another, none over the margin, and they stand in their order', () => {
    fc.assert(
      fc.property(fc.array(size, { minLength: 1, maxLength: 30 }), (sizes) => {
        const placed = onSheets(sizes);
        expect(placed.map((p) => p.layout)).toEqual(sizes);
        for (const [i, a] of placed.entries()) {
          expect(a.xMM).toBeGreaterThanOrEqual(MARGIN_MM);
          expect(a.xMM + a.layout.widthMM).toBeLessThanOrEqual(A4.widthMM - MARGIN_MM + 1e-6);
          expect(a.yMM + a.layout.heightMM).toBeLessThanOrEqual(A4.heightMM - MARGIN_MM + 1e-6);
          for (const b of placed.slice(i + 1)) {
            const apart =
              a.page !== b.page ||
              a.xMM + a.layout.widthMM + GAP_MM <= b.xMM + 1e-6 ||
              b.xMM + b.layout.widthMM + GAP_MM <= a.xMM + 1e-6 ||
              a.yMM + a.layout.heightMM + GAP_MM <= b.yMM + 1e-6 ||
              b.yMM + b.layout.heightMM + GAP_MM <= a.yMM + 1e-6;
            expect(apart).toBe(true);
          }
        }
      }),
      { numRuns: runs(100) },
    );
  });
});

describe('the card for somebody else', () => {
  const cardOf = (id: string) => {
    const formula = STARTER_FORMULAS.find((f) => f.id === id)!;
    const vessel = {
      id: 'v',
      name: 'Bottle',
      shape: 'straight-spray',
      capacityML: 500,
      material: 'hdpe',
      opaque: true,
    } as const;
    const facts = { dropsPerML: 20, lives: [], hardnessMgPerL: null, schools: {} };
    const { content, volume, made, discardBy } = factsOf(id);
    const batch: Batch = {
      id: 'b', formula, vessel, label: content, volumeML: 450, madeAt: '2026-11-25T10:00:00.000Z', state: 'kept', endedAt: null,
    }; // prettier-ignore
    const handed = handedOn(batch, facts);
    const layout = cardLayout(
      { content, handed, volume, made, discardBy, emergencyNumber: '112', poisonNumber: '' },
      fonts.width,
    );
    return { content, handed, layout, text: layout.runs.map((r) => r.text).join(' ') };
  };

  test.each(STARTER_FORMULAS.filter((f) => f.use === 'stored').map((f) => [f.id]))(
    '%s: what it is, for, never for, first aid and its day are all on it, none of it cut',
    (id) => {
      const { content, handed, layout, text } = cardOf(id);
      const holds = (words: string) => expect(text).toContain(words.split(' ').filter(Boolean).join(' '));
      holds(content.name);
      holds('It cleans; it does not disinfect.');
      if (content.purpose) holds(content.purpose);
      if (content.never) holds(content.never);
      for (const one of content.neverMeets ?? []) holds(one);
      for (const caution of [...handed.cautions, ...handed.notFor, ...handed.mind]) holds(caution);
      // First steps in the wording of public guidance (from memory): whatever it is, eye, skin and swallowed.
      for (const after of ['In the eye:', 'On the skin:', 'Swallowed:']) holds(after);
      for (const { steps } of handed.firstAid) for (const step of steps) holds(step);
      holds('23 Feb 2027');
      holds('emergency 112, poison advice ____');
      expect(layout.widthMM).toBe(105);
      expect(layout.textPT).toBeGreaterThanOrEqual(8);
      for (const run of layout.runs)
        expect(run.x + fonts.width(run.text, run.sizePT, run.bold)).toBeLessThanOrEqual(105 - 2);
    },
  );

  test('who lives where it goes is not known: it says whom it is no good for', () => {
    const oily = cardOf('starter-peel');
    // Peel vinegar holds citrus oil: cats mind it (see the findings about animals).
    expect([...oily.handed.notFor, ...oily.handed.mind].join(' ')).toMatch(/cat/i);
    expect(oily.handed.notFor.length).toBeGreaterThan(0);
    expect(oily.text).not.toMatch(/this home/i);
    expect(cardOf('starter-dish-spray').handed.notFor).toEqual([]);
  });

  test('what lights adds what to do when it burns', () => {
    const alcohol = cardOf('starter-alcohol-wipe');
    expect(alcohol.handed.firstAid.map((f) => f.after)).toContain('It smokes or burns');
    expect(cardOf('starter-everyday').handed.firstAid.map((f) => f.after)).not.toContain('It smokes or burns');
  });
});
