import { coverML, fromWhatThereIs } from './batchSize';
import { amountTimes, niceNumber, withLineMoved, withLine, withoutLine } from './change';
import { concentrated, maxTimes } from './concentrate';
import type { Formula } from './formula';
import { resolveAmounts } from './resolveAmounts';
import { STARTER_FORMULAS } from './starters';

const starter = (id: string): Formula => {
  const found = STARTER_FORMULAS.find((f) => f.id === `starter-${id}`);
  if (!found) throw new Error(id);
  return found;
};
const worked = (formula: Formula) => {
  const result = resolveAmounts(formula, 20);
  if (!result.ok) throw new Error(result.problems[0]?.message);
  return result.value;
};

describe('from what there is', () => {
  // One part vinegar to four of water: 100 mL of vinegar make 500 mL, arithmetic.
  const wall = worked(starter('wall'));
  const [vinegar, water] = wall.portions;

  test('the ingredient that runs out first sets the batch, and is named', () => {
    const made = fromWhatThereIs(wall, [
      { lineId: vinegar!.line.id, value: 100, unit: 'mL' },
      { lineId: water!.line.id, value: 1000, unit: 'mL' },
    ]);
    expect(made?.limitedBy).toBe(vinegar!.line.id);
    expect(made?.batchML).toBeCloseTo(500, 6);
    expect(made?.left).toEqual([{ lineId: water!.line.id, value: 600, unit: 'mL' }]);
  });

  test('grams count as grams', () => {
    const scale = worked(starter('scale'));
    // 30 g of citric acid to the litre.
    const made = fromWhatThereIs(scale, [{ lineId: '1', value: 20, unit: 'g' }]);
    expect(made?.batchML).toBeCloseTo(2000 / 3, 3);
  });

  test('nothing named, or nothing of it in the formula, gives nothing', () => {
    expect(fromWhatThereIs(wall, [])).toBeNull();
    expect(fromWhatThereIs(wall, [{ lineId: 'none', value: 5, unit: 'mL' }])).toBeNull();
  });
});

describe('a tub deep enough', () => {
  // Box and cylinder, elementary geometry.
  test.each([
    [{ kind: 'box' as const, lengthMM: 400, widthMM: 300 }, 100, 0, 12_000],
    [{ kind: 'box' as const, lengthMM: 400, widthMM: 300 }, 100, 2000, 10_000],
    [{ kind: 'round' as const, diameterMM: 200 }, 100, 0, (Math.PI * 100 * 100 * 100) / 1000],
    [{ kind: 'round' as const, diameterMM: 200 }, 10, 5000, 0],
  ])('%j, %d mm deep with %d mL in it: %d mL', (floor, depth, displaced, expected) => {
    expect(coverML(floor, depth, displaced)).toBeCloseTo(expected, 6);
  });
});

describe('a concentrate', () => {
  test('1 part to 4 of water can be made five times as strong, and no more', () => {
    const wall = starter('wall');
    expect(maxTimes(worked(wall))).toBeCloseTo(5, 6);
    const neat = concentrated(wall, worked(wall), 5);
    expect(neat.ok && neat.value.formula.lines.map((l) => l.ingredient)).toEqual([
      { kind: 'known', id: 'white-vinegar' },
    ]);
    const six = concentrated(wall, worked(wall), 6);
    expect(six.ok ? '' : six.problems[0]?.message).toMatch(/from 1.1 to 5/);
    const polish = starter('polish');
    expect(concentrated(polish, worked(polish), 2).ok).toBe(false);
  });

  test.each(['wall', 'worktop', 'degreaser', 'scum', 'glass'])(
    '%s: diluted as it says, it is the formula again',
    (id) => {
      const formula = starter(id);
      const before = worked(formula);
      const times = Math.min(3, maxTimes(before));
      const made = concentrated(formula, before, times);
      if (!made.ok) throw new Error(made.problems[0]?.message);
      const strong = worked(made.value.formula);
      // Grams of everything but water in a litre of the formula = in 1/times litres of the concentrate.
      for (const portion of before.portions.filter((p) => p.ingredient.water === null)) {
        const there = strong.portions.find((p) => p.ingredient.id === portion.ingredient.id);
        const perL = portion.massG / before.batchML;
        const diluted = (there?.massG ?? 0) / (strong.batchML * times);
        // Made up to the mark, whatever alcohol and water lose on mixing: conservation of mass.
        expect(diluted / perL).toBeCloseTo(1, 3);
      }
      expect(made.value.makeUpToParts).toBeCloseTo(times, 9);
    },
  );
});

describe('changes of lines', () => {
  const everyday = starter('everyday');
  const ids = (f: Formula) => f.lines.map((l) => l.id).join('');
  test('moving stops at either end and keeps every line', () => {
    const three = withLine(everyday, { ...everyday.lines[0]!, id: '9' });
    expect(ids(three)).toBe('129');
    expect(ids(withLineMoved(three, '9', 0))).toBe('912');
    expect(ids(withLineMoved(three, '1', 99))).toBe('291');
    expect(ids(withLineMoved(three, '2', -4))).toBe('219');
    expect(ids(withLineMoved(three, 'none', 0))).toBe('129');
    expect(ids(withoutLine(three, '2'))).toBe('19');
  });

  test.each([
    [0.1234, 'nearest', 0.12],
    [0.1234, 'up', 0.13],
    [987, 'down', 980],
    [987, 'up', 990],
    [5, 'down', 5],
    [0, 'up', 0],
  ] as const)('%d rounded %s to two figures is %d', (value, way, expected) => {
    expect(niceNumber(value, way)).toBeCloseTo(expected, 9);
  });

  test('a vague word multiplied becomes mL; to fill stays', () => {
    expect(amountTimes({ kind: 'vague', word: 'squirt', volumeML: { low: 3, high: 7 } }, 2)).toEqual({
      kind: 'volume',
      value: { low: 6, high: 14 },
      unit: 'mL',
    });
    expect(amountTimes({ kind: 'to-fill' }, 2)).toEqual({ kind: 'to-fill' });
  });
});
