import { DAY_MS, MINUTE_MS } from '../../core';
import {
  evaluate,
  NO_RATING,
  SOILS,
  usedFormula,
  DEFAULT_CONTEXT,
  type Formula,
  type LogEntry,
  type LogOutcome,
  type PantryItem,
  type Used,
} from '../../core';
import { costOfPortions, scaledPortions } from '../../core/doors/money';
import { DEMO_SURFACE_IDS, DEMO_ROOMS } from './demoRooms';

/** Four months of cleaning aboard Pipit: made up, and the same every time. */

const DAYS = 120;

const MINUTES_ON: Readonly<Record<string, number>> = {
  limescale: 15,
  'soap-scum': 10,
  mould: 12,
  soot: 10,
  tarnish: 3,
  'fresh-grease': 3,
};

/** What bears less than its soil would like. */
const SHORTER: Readonly<Record<string, number>> = {
  tile: 11,
  taps: 8,
  pine: 1,
};

const NOTES: Readonly<Record<string, readonly string[]>> = {
  tile: ['Squeegee after each shower keeps it down.', 'The corner by the window wants a second go.'],
  sink: ['Dried it off: no spots.', 'Tank was filled at the lock, harder water.'],
  hob: ['Onions.', ''],
  tray: ['Ring by the drain nearly gone.', 'Rubbed with the soft pad.'],
  stove: ['Wet wood again.', 'Damp ash first, then the paste.'],
  brass: ['Two portholes only, ran out of lemon.', 'Bright; dried at once.'],
  grout: ['Stiff brush along the lines.'],
  worktop: ['', '', 'Ring from a mug left alone: waxed it later.'],
};

/** A number from 0 to 1 that depends on its seed alone: the demo never changes. */
const from = (seed: number): number => {
  const x = Math.sin(seed * 127.1) * 43758.5453;
  return x - Math.floor(x);
};

const SEASON: Readonly<Record<string, number>> = { stove: 55 };

function used(formulas: readonly Formula[], id: string): Used {
  const formula = formulas.find((f) => f.id === id);
  if (!formula) throw new Error(`The demo's log names the formula ${id}, which is not there`);
  const evaluation = evaluate(formula, { ...DEFAULT_CONTEXT, scope: formula.use });
  if (!evaluation.ok) throw new Error(`The demo's formula ${id} does not come together`);
  return usedFormula(formula, evaluation.value.state);
}

/** What one time takes, and costs. */
function tookOnce(
  formulas: readonly Formula[],
  id: string,
  volumeML: number,
  pantry: readonly PantryItem[],
): NonNullable<LogEntry['took']> {
  const formula = formulas.find((f) => f.id === id);
  const amount = { volumeML, massG: null };
  const portions = formula ? scaledPortions(formula, amount, DEFAULT_CONTEXT.droppers) : [];
  return { ...amount, cost: costOfPortions(portions, pantry) };
}

const roomOf = (room: string): LogEntry['room'] => {
  const id = `pipit-${room}`;
  return { id, name: DEMO_ROOMS.find((r) => r.id === id)?.name ?? '' };
};

/** Everything in the log of the demo home, counted back from now. */
export function demoLog(now: Date, formulas: readonly Formula[], pantry: readonly PantryItem[]): LogEntry[] {
  const entries: LogEntry[] = [];
  DEMO_SURFACE_IDS.forEach((row, r) => {
    if (row.everyDays === null) return;
    const what = used(formulas, row.formula);
    const took = tookOnce(formulas, row.formula, row.takesML, pantry);
    const soil = SOILS.find((s) => s.id === row.soil);
    const planned = SHORTER[row.id] ?? MINUTES_ON[row.soil] ?? 2;
    const notes = NOTES[row.id] ?? [''];
    // Days since the last time: most are in hand, some are due, a few are late.
    let day = Math.floor(row.everyDays * (0.25 + from(r + 3) * 0.95));
    for (let n = 0; day < Math.min(DAYS, SEASON[row.id] ?? DAYS); n++) {
      const chance = from(r * 31 + n);
      // It gets a little better as the weeks go by; not every time.
      const good = Math.round(Math.min(10, 6.2 + ((DAYS - day) / DAYS) * 2.2 + (chance - 0.5) * 4));
      const outcome: LogOutcome = good < 5 ? (chance < 0.08 ? 'step-up' : 'repeat') : 'done';
      const at = new Date(now.getTime() - day * DAY_MS - Math.floor(60 + chance * 600) * MINUTE_MS).toISOString();
      entries.push({
        id: `pipit-log-${row.id}-${n}`,
        at,
        room: roomOf(row.room),
        surface: { id: `pipit-${row.id}`, name: row.name, material: row.material },
        soil: { id: row.soil, name: soil?.name ?? '' },
        used: what,
        dwell: {
          plannedMinutes: planned,
          tookMinutes: Math.round(planned * (0.8 + chance * 0.5) * 10) / 10,
          rewets: planned >= 12 && chance > 0.5 ? 1 : 0,
          endedBecause: '',
        },
        took,
        rinsedAt: at,
        outcome,
        rating: {
          touch: good,
          look: Math.max(0, Math.min(10, good + Math.round((from(n + r * 7) - 0.5) * 3))),
          smell: row.soil === 'mould' ? Math.min(10, good + 1) : null,
          effort: Math.max(0, Math.min(10, 9 - Math.round(planned / 4))),
        },
        workMinutes: Math.max(1, Math.round(planned / 3 + row.areaM2 + chance * 3)),
        strokes: row.id === 'tray' || row.id === 'grout' ? 40 + Math.floor(chance * 60) : null,
        notes: notes[n % notes.length] ?? '',
        history: [],
      });
      day += Math.max(1, Math.round(row.everyDays * (0.85 + from(r * 13 + n * 5) * 0.45)));
    }
  });
  // A bought spray, left on: until it is rinsed off, nothing sour may follow on the sealant.
  entries.push({
    id: 'pipit-log-bought',
    at: new Date(now.getTime() - 20 * 60 * MINUTE_MS).toISOString(),
    room: roomOf('shower'),
    surface: { id: 'pipit-sealant', name: 'Sealant', material: 'silicone-sealant' },
    soil: { id: 'mould', name: 'Mould and mildew' },
    used: { kind: 'bought', id: 'bleach-mould-spray', name: 'bleach mould spray' },
    dwell: null,
    rinsedAt: null,
    outcome: 'done',
    rating: NO_RATING,
    workMinutes: 2,
    strokes: null,
    notes: 'Left over from the last owner. Not rinsed yet.',
    history: [],
  });
  return entries;
}
