import type { Tool } from './tools';

/** So many level fills of one tool; a graduated tool is filled to `toML`. */
export interface Measure {
  readonly tool: string;
  readonly name: string;
  readonly count: number;
  readonly volumeML: number;
}

export interface MeasurePlan {
  readonly measures: readonly Measure[];
  readonly volumeML: number;
  /** Signed difference from the wanted volume, in percent. */
  readonly errorPercent: number;
  /** False if nothing within the tolerance exists and this is the nearest there is. */
  readonly withinTolerance: boolean;
}

/** More fills than this is no way to measure: take a larger tool. */
export const MAX_FILLS = 12;

interface Fill {
  readonly tool: string;
  readonly name: string;
  readonly volumeML: number;
}

interface Found {
  readonly picks: readonly number[];
  readonly fills: number;
  readonly errorML: number;
  readonly kinds: number;
}

/** Every single fill that the tools offer for a volume, largest first: scoops, and marks of a jug or syringe. */
function offeredFills(targetML: number, tools: readonly Tool[]): Fill[] {
  const fills: Fill[] = [];
  for (const tool of tools) {
    if (tool.kind === 'scoop') fills.push({ tool: tool.id, name: tool.name, volumeML: tool.volumeML });
    if (tool.kind !== 'graduated') continue;
    const marks = Math.floor(tool.capacityML / tool.stepML + 1e-9);
    // Marks above the target can only help as the nearest one over it.
    const highest = Math.min(marks, Math.ceil(targetML / tool.stepML));
    for (let mark = 1; mark <= highest; mark++) {
      const volumeML = mark * tool.stepML;
      fills.push({ tool: `${tool.id}@${volumeML}`, name: `${tool.name} to ${volumeML} mL`, volumeML });
    }
  }
  return fills.sort((a, b) => b.volumeML - a.volumeML);
}

const closer = (a: Found, b: Found | null): boolean =>
  b === null || a.errorML < b.errorML - 1e-9 || (Math.abs(a.errorML - b.errorML) <= 1e-9 && a.kinds < b.kinds);

/**
 * The closest sum of exactly `fills` fills: exhaustive, cutting branches that cannot come closer than
 * what is known. `sizes` is sorted, largest first.
 */
function closestWith(targetML: number, sizes: readonly number[], fills: number): Found | null {
  let best: Found | null = null;
  const picks: number[] = [];
  const smallest = sizes.at(-1) ?? 0;
  const visit = (from: number, left: number, sumML: number): void => {
    if (left === 0) {
      const found = {
        picks: [...picks],
        fills,
        errorML: Math.abs(sumML - targetML),
        kinds: new Set(picks).size,
      };
      if (closer(found, best)) best = found;
      return;
    }
    for (let i = from; i < sizes.length; i++) {
      const size = sizes[i] ?? 0;
      const reach = best?.errorML ?? Infinity;
      if (sumML + size + (left - 1) * smallest - targetML > reach + 1e-9) continue; // overshoots for certain
      if (targetML - (sumML + left * size) > reach + 1e-9) break; // every smaller size falls short too
      picks.push(i);
      visit(i, left - 1, sumML + size);
      picks.pop();
    }
  };
  visit(0, fills, 0);
  return best;
}

/**
 * The fewest level fills of the person's tools that come within `tolerancePercent` of a volume; among
 * equally few, the closest. If no plan of at most {@link MAX_FILLS} fills is close enough, the closest
 * there is, with its error said.
 *
 * Exact: a bounded coin-change problem searched completely, one number of fills after another.
 * @param targetML more than 0
 * @param tolerancePercent 2 for what sets a strength, 5 otherwise
 * @returns null if there is no tool that holds a volume, or nothing to measure
 */
export function measurePlan(targetML: number, tools: readonly Tool[], tolerancePercent: number): MeasurePlan | null {
  const offered = offeredFills(targetML, tools);
  if (offered.length === 0 || !(targetML > 0)) return null;
  const sizes = offered.map((f) => f.volumeML);
  const allowedML = (targetML * tolerancePercent) / 100;
  // Fewer fills than this fall short even with the largest tool; the last that falls short may still be the nearest.
  const fewest = Math.max(1, Math.ceil((targetML - allowedML) / (sizes[0] ?? 1) - 1e-9) - 1);
  let nearest: Found | null = null;
  for (let fills = fewest; fills <= Math.max(fewest + 1, MAX_FILLS); fills++) {
    const found = closestWith(targetML, sizes, fills);
    if (found && (nearest === null || found.errorML < nearest.errorML - 1e-9)) nearest = found;
    if (nearest && nearest.errorML <= allowedML + 1e-9) break;
    if (fills * (sizes.at(-1) ?? 0) > targetML + allowedML) break; // even the smallest tool overshoots from here on
  }
  return nearest && asPlan(nearest, offered, targetML, allowedML);
}

function asPlan(found: Found, offered: readonly Fill[], targetML: number, allowedML: number): MeasurePlan {
  const measures: Measure[] = [];
  for (const pick of found.picks) {
    const fill = offered[pick];
    if (!fill) continue;
    const last = measures.at(-1);
    if (last?.tool === fill.tool) measures[measures.length - 1] = { ...last, count: last.count + 1 };
    else measures.push({ ...fill, count: 1 });
  }
  const volumeML = measures.reduce((sum, m) => sum + m.count * m.volumeML, 0);
  return {
    measures,
    volumeML,
    errorPercent: (100 * (volumeML - targetML)) / targetML,
    withinTolerance: found.errorML <= allowedML + 1e-9,
  };
}
