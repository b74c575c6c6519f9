import { entryOf } from '@/testing/entry';
import fc from 'fast-check';
import { runs } from '../../testing/runs';
import type { Ingredient } from '../catalogue/ingredient';
import { ingredientById, INGREDIENTS } from '../catalogue/lookup';
import { evaluate } from '../evaluation/evaluate';
import { substance } from '../catalogue/substances';
import { DEFAULT_CONTEXT } from '../evaluation/context';
import { ingredientOfLine } from '../formula/resolveIngredient';
import { STARTER_FORMULAS } from '../formula/starters';
import { rinsedNow, type LogEntry, type Used } from './logEntry';
import { methodById } from '../catalogue/methods';
import {
  AIRED_MINUTES,
  ingredientsOfMethod,
  ingredientsUsed,
  isLeftOn,
  residueConflicts,
  residuesAt,
  ingredientsOfFormula,
  type UsedIngredients,
} from './residue';
import { usedOwn } from './jobLog';
import { usedFormula } from './usedFormula';

// What must not follow what: poison-centre and public-health "never mix" lists. How long air and drain take
// to clear is common practice, no source.

const NOW = Date.parse('2026-11-25T10:00:00.000Z');
const hoursAgo = (h: number): string => new Date(NOW - h * 3_600_000).toISOString();
const bought = (id: string): Used => ({ kind: 'bought', id, name: ingredientById(id)!.name });
const formula = (id: string) => STARTER_FORMULAS.find((f) => f.id === id)!;
const mixed = (id: string): Used => {
  const result = evaluate(formula(id), { ...DEFAULT_CONTEXT, scope: formula(id).use });
  if (!result.ok) throw new Error(id);
  return usedFormula(formula(id), result.value.state);
};
const vinegar = ingredientsOfFormula(formula('starter-everyday'));
const things = (...ingredients: readonly Ingredient[]): UsedIngredients => ({ readings: [ingredients], known: true });

const entry = (used: Used, more: Partial<LogEntry> = {}): LogEntry =>
  entryOf({
    at: hoursAgo(20),
    room: { id: 'shower', name: 'Shower room' },
    surface: { id: 'tray', name: 'Tray', material: 'acrylic' },
    used,
    rinsedAt: null,
    ...more,
  });
const TRAY = { surfaceId: 'tray', roomId: 'shower' };
const found = (entries: readonly LogEntry[], next = vinegar, spot: Parameters<typeof residuesAt>[0] = TRAY) =>
  residueConflicts(next, residuesAt(spot, entries, NOW), NOW).map(
    (m) => `${m.finding.code} ${m.level} ${m.residue.scope}`,
  );

describe('what is left from before', () => {
  test('bleach yesterday, unrinsed, stops vinegar today: on the surface and in its drain', () => {
    expect(found([entry(bought('chlorine-bleach'))])).toEqual([
      'chlorine-gas danger sequence',
      'chlorine-gas danger drain',
    ]);
  });

  test('what was dusted, scraped or frozen off left nothing; what took acid along from the kitchen left acid', () => {
    const dusted = entry({ kind: 'method', id: 'dust-dry', name: 'Dry dusting' });
    const lemon = entry({ kind: 'method', id: 'tarnish-kitchen', name: 'Lemon and salt' });
    const bleach = things(ingredientById('chlorine-bleach')!);
    expect(found([dusted], bleach)).toEqual([]);
    expect([isLeftOn(dusted), isLeftOn(lemon), isLeftOn({ ...lemon, rinsedAt: hoursAgo(1) })]).toEqual([
      false,
      true,
      false,
    ]);
    expect(found([lemon], bleach)).toContain('chlorine-gas danger sequence');
    // And the other way about: half a lemon on what bleach was left on.
    expect(found([entry(bought('chlorine-bleach'))], ingredientsOfMethod(methodById('tarnish-kitchen')))).toContain(
      'chlorine-gas danger sequence',
    );
    expect(found([entry(bought('chlorine-bleach'))], ingredientsOfMethod(methodById('vacuum')))).toEqual([]);
  });

  test('in a small shut room ammonia is a danger with what brings more of it', () => {
    const salt = residuesAt(TRAY, [entry(bought('ammonium-chloride'))], NOW);
    const soda = things(ingredientById('washing-soda')!);
    const levels = (room: 'small' | 'large') =>
      residueConflicts(soda, salt, NOW, [], room)
        .filter((m) => m.finding.code === 'ammonia-fumes')
        .map((m) => m.level);
    expect(levels('large')).toContain('caution');
    expect(levels('small')).toContain('danger');
  });

  test('rinsed, it does not', () => {
    expect(found([entry(bought('chlorine-bleach'), { rinsedAt: hoursAgo(1) })])).toEqual([]);
  });

  test('a later rinse of the same surface takes all before it away', () => {
    const later = entry(mixed('starter-dish-spray'), { id: 'f', at: hoursAgo(2), rinsedAt: hoursAgo(2) });
    expect(found([entry(bought('chlorine-bleach')), later]).filter((f) => f.endsWith('sequence'))).toEqual([]);
  });

  test('waiting alone does not make a surface safe; a month on, it has been wetted over', () => {
    expect(found([entry(bought('chlorine-bleach'), { at: hoursAgo(24 * 20) })])).toEqual([
      'chlorine-gas danger sequence',
    ]);
    expect(found([entry(bought('chlorine-bleach'), { at: hoursAgo(24 * 31) })])).toEqual([]);
  });

  test('another surface of the room is stopped by its air for an hour, two in a small shut room', () => {
    const tiles = { surfaceId: 'tiles', roomId: 'shower' };
    const used = (h: number): LogEntry => entry(bought('chlorine-bleach'), { at: hoursAgo(h), rinsedAt: hoursAgo(h) });
    expect(found([used(0.5)], vinegar, tiles)).toEqual(['chlorine-gas danger air']);
    expect(found([used(1.1)], vinegar, tiles)).toEqual([]);
    expect(found([used(1.1)], vinegar, { ...tiles, small: true })).toEqual(['chlorine-gas danger air']);
    expect(found([used(2.1)], vinegar, { ...tiles, small: true })).toEqual([]);
    expect(found([used(0.5)], vinegar, { surfaceId: 'hob', roomId: 'galley' })).toEqual([]);
  });

  test('a drain is flushed by a day', () => {
    const bowl = { surfaceId: 'sink', roomId: 'shower' };
    expect(
      found(
        [entry(bought('lye-oven-cleaner'), { at: hoursAgo(3) }), entry(bought('chlorine-bleach'), { at: hoursAgo(3) })],
        vinegar,
        bowl,
      ),
    ).toContain('chlorine-gas danger drain');
    expect(found([entry(bought('chlorine-bleach'), { at: hoursAgo(25) })], vinegar, bowl)).toEqual([]);
  });

  test.each([
    ['chlorine-bleach', ['household-ammonia'], 'chloramine-gas danger sequence'],
    ['chlorine-bleach', ['isopropyl-alcohol'], 'bleach-with-alcohol danger sequence'],
    ['chlorine-bleach', ['hydrogen-peroxide'], 'bleach-with-peroxide danger sequence'],
    ['acid-toilet-cleaner', ['chlorine-bleach'], 'chlorine-gas danger sequence'],
    ['bleach-toilet-block', ['citric-acid'], 'chlorine-gas danger sequence'],
  ] as const)('%s, then %j: %s', (before, next, says) => {
    expect(found([entry(bought(before))], things(...next.map((id) => ingredientById(id)!)))).toContain(says);
  });

  test('peroxide, then vinegar asks for a rinse between; it does not stop', () => {
    expect(found([entry(mixed('starter-mould'))])).toEqual(['peracetic-acid caution sequence']);
  });

  test('vinegar after soap, or soap after vinegar, may follow', () => {
    expect(found([entry(mixed('starter-worktop'))])).toEqual([]);
    expect(found([entry(mixed('starter-everyday'))], ingredientsOfFormula(formula('starter-worktop')))).toEqual([]);
  });

  // Toilet cleaners hold bleach or acid, by maker (labels and data sheets, from memory): each is held against the next.
  test.each([
    ['toilet cleaner', 'white-vinegar', 'chlorine-gas danger sequence'],
    ['toilet cleaner', 'chlorine-bleach', 'chlorine-gas danger sequence'],
    ['bleach scouring powder', 'white-vinegar', 'chlorine-gas danger sequence'],
    ['bleach gel with lemon', 'household-ammonia', 'chloramine-gas danger sequence'],
    ['spirits of salt', 'chlorine-bleach', 'chlorine-gas danger sequence'],
  ])('"%s" in the log, then %s: %s', (name, next, says) => {
    expect(found([entry({ kind: 'bought', id: null, name })], things(ingredientById(next)!))).toContain(says);
  });

  test.each([
    ['toilet cleaner', 'white-vinegar'],
    ['toilet cleaner', 'chlorine-bleach'],
  ])('"%s" to be used where %s was left: the worse of its kinds decides', (name, left) => {
    const next = ingredientsUsed({ kind: 'bought', id: null, name });
    expect(found([entry(bought(left))], next)).toContain('chlorine-gas danger sequence');
  });

  test('a bought product that is not known is never said to be safe', () => {
    expect(found([entry({ kind: 'bought', id: null, name: 'green stuff' })])).toContain(
      'unknown-ingredient caution sequence',
    );
  });

  test('a thing described by its label and called bleach is both, and the worse holds', () => {
    const contents = [{ substance: 'surfactant', percent: 8, low: 5, high: 15, basis: 'w/w' }] as const;
    const described = (name: string) =>
      found([entry(usedOwn({ kind: 'own', id: 'o', name, form: 'liquid', densityGPerML: 1, bought: true, contents }))]);
    // By their labels both are soap and no more.
    expect(described('Reed suds')).not.toContain('chlorine-gas danger sequence');
    expect(described('bleach')).toContain('chlorine-gas danger sequence');
  });

  test('a drain asks for the surface itself to be rinsed: that is what is written down', () => {
    const basin = { surfaceId: 'basin', roomId: 'shower' };
    const [drain] = residueConflicts(vinegar, residuesAt(basin, [entry(bought('chlorine-bleach'))], NOW), NOW);
    expect(drain?.residue.scope).toBe('drain');
    expect(drain?.safe).toMatch(/Rinse Tray off.*drain/);
  });

  test('every meeting says how it is made safe', () => {
    for (const m of residueConflicts(
      vinegar,
      residuesAt(TRAY, [entry(bought('chlorine-bleach'), { at: hoursAgo(0.2) })], NOW),
      NOW,
    )) {
      expect(m.safe).toMatch(m.residue.scope === 'air' ? /48 minutes more/ : /plain water/);
    }
  });

  test('what a formula was is read from its card: every starter comes back with its ingredients', () => {
    for (const f of STARTER_FORMULAS) {
      const ids = f.lines.map((l) => ingredientOfLine(l).id);
      expect(ingredientsUsed(mixed(f.id))).toMatchObject({ known: true, readings: [ids.map((id) => ({ id }))] });
    }
  });

  test('bleach left on any surface stops every acid that the catalogue has', () => {
    const acids = INGREDIENTS.filter((i) =>
      [
        'white-vinegar',
        'citric-acid',
        'lemon-juice',
        'acid-toilet-cleaner',
        'sulfamic-descaler',
        'phosphoric-cleaner',
      ].includes(i.id),
    );
    expect(acids.length).toBeGreaterThanOrEqual(5);
    fc.assert(
      fc.property(
        fc.constantFrom(...acids),
        fc.constantFrom(...INGREDIENTS),
        fc.integer({ min: 0, max: 24 * 29 }),
        (acid, other, hours) => {
          const said = found([entry(bought('chlorine-bleach'), { at: hoursAgo(hours) })], things(other, acid));
          // What is a danger by itself is no way at all, and stopped before.
          fc.pre(!other.contents.some((c) => substance(c.substance).activeChlorineMol > 0));
          expect(said).toContain('chlorine-gas danger sequence');
        },
      ),
      { numRuns: runs(150) },
    );
  });
});

describe('clocks and names hide nothing', () => {
  const bleach = bought('chlorine-bleach');
  const STOPPED = ['chlorine-gas danger sequence', 'chlorine-gas danger drain'];

  test('bleach logged by a clock two hours fast still stops, once it is put right', () => {
    expect(found([entry(bleach, { at: hoursAgo(-2) })])).toEqual([STOPPED[0], 'chlorine-gas danger air', STOPPED[1]]);
    expect(found([entry(bleach, { at: '2031-01-01T12:00:00.000Z' })])[0]).toBe(STOPPED[0]);
    // It counts as put on now: an hour airs it, not five years.
    const ahead = residuesAt(TRAY, [entry(bleach, { at: '2031-01-01T12:00:00.000Z' })], NOW);
    expect(ahead.find((r) => r.scope === 'air')?.safeAtMs).toBe(NOW + AIRED_MINUTES * 60_000);
  });

  test('a rinse that lies ahead lifts nothing; nor does one from before it was put on', () => {
    expect(found([entry(bleach, { rinsedAt: hoursAgo(-1) })])).toEqual(STOPPED);
    expect(found([entry(bleach, { at: hoursAgo(5), rinsedAt: hoursAgo(6) })])).toContain(STOPPED[0]);
    const other = entry(bought('dish-soap'), { id: 'rinse', at: hoursAgo(30), rinsedAt: hoursAgo(30) });
    expect(found([entry(bleach), other])).toContain(STOPPED[0]);
  });

  test('a rinse of now lifts what a fast clock dated ahead, and puts its date right', () => {
    const ahead = entry(bleach, { at: hoursAgo(-2) });
    const rinsed = rinsedNow(ahead, new Date(NOW).toISOString());
    expect(rinsed).toMatchObject({ at: new Date(NOW).toISOString(), rinsedAt: new Date(NOW).toISOString() });
    expect(rinsed.history).toHaveLength(1);
    expect(found([rinsed])).not.toContain(STOPPED[0]);
    expect(rinsedNow(entry(bleach), new Date(NOW).toISOString()).at).toBe(hoursAgo(20));
  });

  test('a date that is none, and another way of writing one, hide nothing', () => {
    expect(found([entry(bleach, { at: 'soon' })])).toContain(STOPPED[0]);
    expect(found([entry(bleach, { rinsedAt: 'yes' })])).toContain(STOPPED[0]);
    // 13:00 in a zone of +05:00 is 08:00 UTC: before it was put on at nine.
    const rinsedBefore = entry(bleach, { at: hoursAgo(1), rinsedAt: '2026-11-25T13:00:00+05:00' });
    expect(found([rinsedBefore])).toContain(STOPPED[0]);
  });

  test('what was written down by name alone counts where the name is the same or close', () => {
    const byName = (name: string, room: string) =>
      entry(bleach, { surface: { id: null, name, material: 'acrylic' }, room: { id: null, name: room } });
    const spot = { ...TRAY, name: 'Shower tray', roomName: 'Shower room' };
    expect(found([byName('shower trays', '')], vinegar, spot)).toContain(STOPPED[0]);
    expect(found([byName('Showr tray', 'shower rooms')], vinegar, spot)).toEqual(STOPPED);
    expect(found([byName('Shower tray', 'Galley')], vinegar, spot)).toEqual([]);
    expect(found([byName('Hob', '')], vinegar, spot)).toEqual([]);
  });
});
