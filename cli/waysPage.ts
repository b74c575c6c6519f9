import { likelihoodOf, SOILS, SOURCES, SURFACES, type Soil, type Surface, type Way } from '../src/core';
import { starterWays } from './starterWays';

/**
 * The page of every pair of surface and soil: what is done first, for how long, what comes after it and who goes
 * on where home cleaning ends. Generated from the starters, so that it can be read as a cleaner would, and held
 * against the file by a test.
 */

const NEXT = 2;

const nameOf = (w: Way): string => (w.candidate ? `${w.name} (${w.method.name.toLowerCase()})` : w.name);

function dwellOf({ dwell }: Way): string {
  if (!dwell) return 'at once';
  return dwell.bestMinutes === dwell.longestMinutes
    ? `${dwell.bestMinutes} min`
    : `${dwell.bestMinutes} to ${dwell.longestMinutes} min`;
}

function amountOf({ amount }: Way): string {
  if (!amount) return '';
  return amount.volumeML === null ? `${Math.round(amount.massG ?? 0)} g` : `${Math.round(amount.volumeML)} mL`;
}

const LIKELY = { common: '', seldom: 'seldom', unlikely: '' } as const;

function rowOf(surface: Surface, soil: Soil): string {
  const { ways, beyond } = starterWays(surface, soil);
  const likely = LIKELY[likelihoodOf(surface.id, soil.id)];
  const [first, ...rest] = ways;
  const others = [...new Set(rest.map(nameOf))].slice(0, NEXT).join('; ');
  const cells = first
    ? [
        nameOf(first),
        first.method.form,
        dwellOf(first),
        amountOf(first),
        String(first.method.standing),
        others,
        SOURCES[first.method.source],
      ]
    : ['none', '', '', '', '', '', ''];
  return `| ${[soil.name, likely, ...cells, beyond ?? ''].join(' | ')} |`;
}

const HEAD = ['soil', '', 'first', 'form', 'time', 'amount', 'standing', 'then', 'source', 'beyond'];

function partOf(surface: Surface): string {
  const isUnlikely = (soil: Soil): boolean => likelihoodOf(surface.id, soil.id) === 'unlikely';
  const rows = SOILS.filter((soil) => !isUnlikely(soil)).map((soil) => rowOf(surface, soil));
  const rest = SOILS.filter(isUnlikely).map((soil) => soil.name.toLowerCase());
  return [
    `## ${surface.name}`,
    '',
    `| ${HEAD.join(' | ')} |`,
    `|${'-|'.repeat(HEAD.length)}`,
    ...rows,
    '',
    `Unlikely here, offered only when asked for, and said so: ${rest.join('; ')}.`,
  ].join('\n');
}

/** The whole page. */
export const waysPage = (): string =>
  [
    '# Ways, pair by pair',
    '',
    'Every surface and soil of the catalogue with what is done first, from Biscuit’s own formulas alone, on the usual area in a large room. What a surface can hardly have is named below its table. Standing: 1 what is done first, 2 good, 3 a last resort. Made by `UPDATE_PAGES=1 npx jest cli/waysPage`; a test holds it.',
    '',
    ...SURFACES.map((surface) => `${partOf(surface)}\n`),
  ].join('\n');
