import { readFileSync } from 'node:fs';
import { ACID_SYSTEMS, systemIndex, type SystemId } from '../src/core/catalogue/acidSystems';
import { ingredientById } from '../src/core/catalogue/lookup';
import { descaling } from '../src/core/cleaning/descaling';
import { saturationKPa } from '../src/core/cleaning/drying';
import { contractionML, ethanolWaterDensity, isopropanolWaterDensity } from '../src/core/formula/contraction';
import type { Poured } from '../src/core/formula/mixedVolume';
import { equilibrium } from '../src/core/mixture/equilibrium';
import { flashPointC } from '../src/core/mixture/flashPoint';
import { mix } from '../src/core/mixture/state';
import { run } from './run';

/** The page says what the code does: its figures are worked out again here. */
const PAGE = readFileSync('docs/chemistry.md', 'utf8');

/** The rows of the table under a heading, each as its cells. */
function rowsUnder(heading: string): string[][] {
  const part = PAGE.split(/^## /m).find((p) => p.startsWith(heading));
  if (!part) throw new Error(`The page has no part "${heading}"`);
  const rows = part
    .split('\n')
    .filter((l) => l.startsWith('|'))
    .map((l) =>
      l
        .split('|')
        .slice(1, -1)
        .map((c) => c.trim()),
    );
  return rows.slice(2);
}

const pH = (totals: Partial<Record<SystemId, number>>, sodium = 0): number => {
  const t = new Float64Array(ACID_SYSTEMS.length);
  for (const [id, mol] of Object.entries(totals) as [SystemId, number][]) t[systemIndex(id)] = mol;
  return equilibrium({ totals: t, spectatorCharge: sodium, spectatorIonic: sodium }).pH;
};
const mL = (id: string, volumeML: number): Poured => {
  const ingredient = ingredientById(id)!;
  return { ingredient, volumeML, massG: volumeML * ingredient.densityGPerML };
};
const grams = (id: string, massG: number): Poured => {
  const ingredient = ingredientById(id)!;
  return { ingredient, massG, volumeML: massG / ingredient.densityGPerML };
};
const fizz = () => mix([mL('white-vinegar', 250), grams('baking-soda', 17.5)]);
const middle = (span: { low: number; high: number } | null): number => (span!.low + span!.high) / 2;
const softened = () => mix([mL('castile-soap', 3), mL('water', 997)], { hardnessMgPerL: 100 });

const WORKED_OUT: Readonly<Record<string, () => number>> = {
  'pH of borax 0.01 mol/kg': () => pH({ boric: 0.04 }, 0.02),
  'pH of NaHCO₃ 0.025 + Na₂CO₃ 0.025 mol/kg': () => pH({ carbonic: 0.05 }, 0.075),
  'pH of KH₂ citrate 0.05 mol/kg': () => pH({ citric: 0.05 }, 0.05),
  'pH of phosphate 0.025 + 0.025 mol/kg': () => pH({ phosphoric: 0.05 }, 0.075),
  'pH of KH tartrate 0.0341 mol/kg': () => pH({ tartaric: 0.0341 }, 0.0341),
  'pH of acetic acid 1 mol/L': () => pH({ acetic: 1 }),
  'pH of acetic acid 0.1 mol/L': () => pH({ acetic: 0.1 }),
  'pH of acetic acid 0.01 mol/L': () => pH({ acetic: 0.01 }),
  'pH of ammonia 1 mol/L': () => pH({ ammonium: 1 }),
  'pH of ammonia 0.1 mol/L': () => pH({ ammonium: 0.1 }),
  'pH of borax 0.1 N': () => pH({ boric: 0.2 }, 0.1),
  'pH of sodium bicarbonate 0.1 mol/L': () => pH({ carbonic: 0.1 }, 0.1),
  'pH of sodium carbonate 0.1 N': () => pH({ carbonic: 0.05 }, 0.1),
  'mL of 50.0 mL ethanol and 50.0 mL water': () => 100 - contractionML(50 * 0.9982, 50 * 0.78924, 0),
  'g/mL of 40 % by mass ethanol in water': () => ethanolWaterDensity(0.4),
  'g/mL of 70 % by volume isopropanol in water': () => isopropanolWaterDensity((70 * 0.7855) / 87.7),
  'L of CO₂ from 250 mL of 5 % vinegar and 17.5 g of soda': () => fizz().carbonDioxideML / 1000,
  'g of sodium acetate left of it': () => fizz().inertSalts[0]!.massG,
  'L of O₂ from a litre of 3 % peroxide made alkaline': () =>
    mix([mL('hydrogen-peroxide', 1000), grams('baking-soda', 20)]).oxygenML / 1000,
  'g of limescale a litre of 5 % vinegar takes up': () => descaling(100, 1, 50 / 60.052, 1).capacityGPerL,
  'g of soda left undissolved of 20 g in 100 mL': () => mix([grams('baking-soda', 20), mL('water', 100)]).undissolvedG,
  'g/L of soap that 100 mg/L of hardness takes': () => softened().soapLostToHardness! * softened().soapGPerL,
  'ppm of peracetic acid from equal parts of vinegar and 3 % peroxide': () =>
    mix([mL('white-vinegar', 100), mL('hydrogen-peroxide', 100)]).peraceticAcidMaxPPM,
  '°C flash point of 40 % ethanol': () => middle(flashPointC({ ethanol: 40 * 0.78924 }, 100)),
  '°C flash point of 70 % isopropanol': () => middle(flashPointC({ isopropanol: 70 * 0.7855 }, 100)),
  'kPa of water vapour over water at 20 °C': () => saturationKPa(20),
};

describe('checked against published values', () => {
  const rows = rowsUnder('Checked against published values');
  test('every value on the page is worked out, and every value worked out stands on it', () => {
    expect(rows.map((r) => r[0]).sort()).toEqual(Object.keys(WORKED_OUT).sort());
  });

  test.each(rows)('%s: source %s, here %s, within %s', (what, source, here, within) => {
    const value = WORKED_OUT[what]!();
    const decimals = (here.split('.')[1] ?? '').length;
    expect(value.toFixed(decimals)).toBe(here);
    expect(Math.abs(value - Number(source))).toBeLessThanOrEqual(Number(within));
  });
});

interface Found {
  readonly code: string;
  readonly level: string;
  readonly rulesOut?: boolean;
  readonly figures: Readonly<Record<string, number>>;
}
interface Printed {
  readonly verdict: string;
  readonly findings: readonly Found[];
  readonly surface: { readonly verdict: string; readonly findings: readonly Found[] } | null;
}

/** What a row's verdict means: of the mixture, or of the surface it is on. */
function saysOf({ verdict, surface }: Printed): string[] {
  if (!surface) return [verdict];
  if (surface.verdict === 'danger') return ['danger on it'];
  if (surface.findings.some((f) => f.rulesOut)) return ['not for it'];
  return [surface.findings.length > 0 ? 'care on it' : 'fine on it'];
}

describe('pairs that differ for a reason', () => {
  const rows = rowsUnder('Ten pairs');
  const numbers = [...new Set(rows.map((r) => r[0]!.replace(/[ab]$/, '')))];

  test('are at least ten, and the two of each say different things', () => {
    expect(numbers.length).toBeGreaterThanOrEqual(10);
    for (const n of numbers) {
      const [a, b] = ['a', 'b'].map((x) => rows.find((r) => r[0] === n + x)!);
      expect(a![3]).not.toBe(b![3]);
    }
  });

  test.each(rows)('%s: %s %s says %s', (_, recipe, options, says, code, figure) => {
    const text = recipe.split('; ').join('\n');
    const { stdout } = run(['--text', 'r.txt', ...options.split(' ').filter(Boolean)], () => text);
    const printed = JSON.parse(stdout) as Printed;
    expect(saysOf(printed)).toContain(says);
    const onIt = says.endsWith('on it') || says === 'not for it';
    const where =
      onIt && says !== 'fine on it'
        ? printed.surface!.findings
        : [...printed.findings, ...(printed.surface?.findings ?? [])];
    const found = where.find((f) => f.code === code);
    const calm = says === 'clear' || says === 'fine on it';
    if (calm && figure === '') expect(found).toBeUndefined();
    else expect(found).toBeDefined();
    if (figure) {
      const [key, value] = figure.split(' ');
      const decimals = (value!.split('.')[1] ?? '').length;
      expect(found!.figures[key!]!.toFixed(decimals)).toBe(value);
    }
  });
});
