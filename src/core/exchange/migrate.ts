/** One step from one version to the next. It must accept anything: what it cannot change it leaves for the schema to refuse. */
export interface Migration {
  readonly from: number;
  readonly change: (value: unknown) => unknown;
}

/** Takes a value through every step from one version to another. A missing step is our mistake, and throws. */
export function migrate(value: unknown, from: number, to: number, migrations: readonly Migration[]): unknown {
  let current = value;
  for (let version = from; version < to; version++) {
    const step = migrations.find((m) => m.from === version);
    if (!step) throw new Error(`No migration from version ${version}`);
    current = step.change(current);
  }
  return current;
}
