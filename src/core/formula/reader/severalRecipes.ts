import { nameIn } from './titles';
import type { ReadUnit } from './units';
import { PURPOSE_WORDS } from './words';

export interface Recipe {
  readonly at: number;
  readonly name: string;
}

/** The recipes of a text that holds more than one: numbered, or each under a title of its own. */
export function recipesIn(units: readonly ReadUnit[], titleAt: number): Recipe[] {
  const numbered = units.flatMap((u, at) => (u.role === 'recipe-title' ? [{ at, name: nameIn(u) }] : []));
  if (numbered.length > 1) return numbered;
  const title = units[titleAt];
  const titled: Recipe[] = [title ? { at: titleAt, name: nameIn(title) } : { at: 0, name: 'The first' }];
  let lines = 0;
  units.forEach((u, at) => {
    const amounts = u.paired.pairs.some((p) => p.amount !== null);
    if (amounts) lines += 1;
    const next = units[at + 1];
    const begins =
      u.sentence.whole &&
      u.sentence.gap &&
      at !== titleAt &&
      lines > 0 &&
      u.role === null &&
      u.section !== 'method' &&
      u.section !== 'notes' &&
      u.label === null;
    if (!begins || amounts || u.paired.keepsOut || u.tokens.length > 6) return;
    const last = u.tokens.filter((t) => t.kind === 'word').at(-1)?.text ?? '';
    if (PURPOSE_WORDS.has(last) && next?.paired.pairs.some((p) => p.amount !== null)) {
      titled.push({ at, name: nameIn(u) });
      lines = 0;
    }
  });
  return titled.length > 1 ? titled : labelledApart(units);
}

/** "For the floor: … For the windows: …": each label a recipe of its own, if they share an ingredient. */
function labelledApart(units: readonly ReadUnit[]): Recipe[] {
  const groups: { at: number; name: string; ids: Set<string> }[] = [];
  units.forEach((u, at) => {
    if (u.label !== null) groups.push({ at, name: u.label, ids: new Set() });
    const group = groups.at(-1);
    for (const p of u.paired.pairs)
      if (group && p.amount !== null && p.match?.kind === 'exact') group.ids.add(p.match.ingredient.id);
  });
  const shared = groups.some((g, i) => groups.some((o, k) => k > i && [...g.ids].some((id) => o.ids.has(id))));
  return groups.length > 1 && shared ? groups.map(({ at, name }) => ({ at, name })) : [];
}
