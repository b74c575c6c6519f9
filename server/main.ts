import { existsSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { join, resolve } from 'node:path';
import { buildServer } from './server';

const HOST = '127.0.0.1';
const DEFAULT_PORT = 4173;

async function main(): Promise<void> {
  const demo = process.argv.includes('--demo');
  const port = Number(process.env.PORT ?? DEFAULT_PORT);
  const root = resolve(String(process.env.BISCUIT_DIST ?? 'dist'));
  if (!Number.isInteger(port) || port < 0 || port > 65_535)
    throw new Error(`PORT "${process.env.PORT ?? ''}" is not a port: give a whole number from 0 to 65535.`);
  if (!existsSync(join(root, 'index.html')))
    throw new Error(`There is no exported app in ${root}: run "make demo" or "make start".`);
  const app = await buildServer({ root, demo });
  await app.listen({ host: HOST, port });
  const { port: shown } = app.server.address() as AddressInfo;
  process.stdout.write(
    `Biscuit${demo ? ', with the demo home of the narrowboat Pipit,' : ''} is at http://${HOST}:${shown}\n`,
  );
  const stop = (): void => {
    app.close().then(
      () => process.exit(0),
      () => process.exit(1),
    );
  };
  process.once('SIGTERM', stop);
  process.once('SIGINT', stop);
}

main().catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exitCode = 1;
});
