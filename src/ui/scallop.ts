/** The path of a biscuit's edge: a circle of small arcs. */
export function scallopPath(cx: number, cy: number, radius: number, bumps: number): string {
  const points = Array.from({ length: bumps }, (_, i) => {
    const angle = (2 * Math.PI * i) / bumps - Math.PI / 2;
    return [cx + radius * Math.cos(angle), cy + radius * Math.sin(angle)] as const;
  });
  // Arcs a little flatter than half circles: a baked edge, not a flower.
  const bump = 1.3 * radius * Math.sin(Math.PI / bumps);
  const first = points[0] ?? [cx, cy];
  const arcs = [...points.slice(1), first].map(([x, y]) => `A${bump} ${bump} 0 0 1 ${x.toFixed(2)} ${y.toFixed(2)}`);
  return `M${first[0].toFixed(2)} ${first[1].toFixed(2)}${arcs.join('')}Z`;
}

/** The path of a scalloped lower edge of a card, from left to right. */
export function scallopEdge(width: number, bump: number): string {
  const count = Math.max(1, Math.round(width / bump));
  const step = width / count;
  return `M0 0H${width}${Array.from({ length: count }, () => `a${step / 2} ${step / 2} 0 0 1 ${-step} 0`).join('')}Z`;
}
