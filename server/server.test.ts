import { spawn } from 'node:child_process';
import { mkdirSync, mkdtempSync, renameSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { connect } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliDecompressSync, gunzipSync } from 'node:zlib';
import type { FastifyInstance } from 'fastify';
import { compressFolder } from '../bundle/compress';
import { buildServer } from './server';

const SCRIPT = 'export const hello = "biscuit";\n'.repeat(200);
let root: string;
let app: FastifyInstance;

beforeAll(async () => {
  const home = mkdtempSync(join(tmpdir(), 'biscuit-'));
  writeFileSync(join(home, 'secret.txt'), 'not for you');
  root = join(home, 'dist');
  mkdirSync(join(root, '_expo/static/js'), { recursive: true });
  writeFileSync(join(root, 'index.html'), '<!doctype html><html lang="en"><body></body></html>');
  writeFileSync(join(root, 'page.css'), 'body{margin:0}');
  writeFileSync(join(root, '.hidden'), 'no');
  writeFileSync(join(root, '_expo/static/js/entry-abc123.js'), SCRIPT);
  expect(compressFolder(root)).toBe(1);
  app = await buildServer({ root, demo: false });
});

afterAll(async () => {
  await app.close();
  rmSync(join(root, '..'), { recursive: true, force: true });
});

const get = (url: string, headers: Record<string, string> = {}) => app.inject({ method: 'GET', url, headers });

test('says that it is well', async () => {
  expect((await get('/healthz')).json()).toEqual({ ok: true });
});

test('hashed files are kept for a year, the page is asked for each time', async () => {
  expect((await get('/_expo/static/js/entry-abc123.js')).headers['cache-control']).toBe(
    'public, max-age=31536000, immutable',
  );
  expect((await get('/')).headers['cache-control']).toBe('no-cache');
  expect((await get('/page.css')).headers['cache-control']).toBe('no-cache');
});

test('compresses by what the browser takes', async () => {
  const gzip = await get('/_expo/static/js/entry-abc123.js', { 'accept-encoding': 'gzip' });
  expect(gzip.headers['content-encoding']).toBe('gzip');
  expect(gunzipSync(gzip.rawPayload).toString()).toBe(SCRIPT);
  const brotli = await get('/_expo/static/js/entry-abc123.js', { 'accept-encoding': 'br' });
  expect(brotliDecompressSync(brotli.rawPayload).toString()).toBe(SCRIPT);
  expect(brotli.headers['content-type']).toMatch(/javascript/);
  expect(brotli.headers['cache-control']).toContain('immutable');
  expect(brotli.headers.vary).toContain('accept-encoding');
  expect((await get('/_expo/static/js/entry-abc123.js')).body).toBe(SCRIPT);
  // Too small to be worth it: as it is.
  expect((await get('/page.css', { 'accept-encoding': 'br' })).body).toBe('body{margin:0}');
});

// Content Security Policy Level 3: nothing inline, nothing from elsewhere.
test('lets no script in but its own files', async () => {
  const policy = String((await get('/')).headers['content-security-policy']);
  expect(policy).toContain("default-src 'none'");
  expect(policy).toContain("script-src 'self'");
  expect(policy).toMatch(/worker-src 'self'(;|$)/);
  expect(policy).toContain("frame-ancestors 'none'");
  expect(policy).not.toMatch(/unsafe|https?:|\*/);
  expect((await get('/')).headers['x-content-type-options']).toBe('nosniff');
});

// Permissions Policy (W3C): what is not named here is not asked for.
test('every answer carries the policies, also where it is refused', async () => {
  for (const url of ['/', '/page.css', '/healthz', '/nothing.js', '/%zz']) {
    const { headers } = await get(url);
    expect([url, headers['content-security-policy']]).toEqual([url, expect.stringContaining("default-src 'none'")]);
    expect(headers['permissions-policy']).toMatch(/^screen-wake-lock=\(self\).*camera=\(\)/);
    expect(headers['x-content-type-options']).toBe('nosniff');
  }
  expect((await get('/%zz')).statusCode).toBe(400);
});

test('every address of the app is its page; a missing file is missing', async () => {
  for (const url of ['/', '/mix', '/mix/abc?formula=1', '/shelf/some-id']) {
    const page = await get(url);
    expect([page.statusCode, page.headers['content-type']]).toEqual([200, 'text/html; charset=utf-8']);
  }
  expect((await get('/_expo/static/js/entry-old.js')).statusCode).toBe(404);
  expect((await app.inject({ method: 'POST', url: '/mix' })).statusCode).toBe(404);
});

test('the demo home is opened by an attribute of the page, not by a script', async () => {
  const demo = await buildServer({ root, demo: true });
  expect((await demo.inject('/')).body).toContain('<html data-home="demo" lang="en">');
  expect((await get('/')).body).not.toContain('data-home');
  await demo.close();
});

test('a new export is handed out without a restart', async () => {
  const page = join(root, 'index.html');
  const served = await buildServer({ root, demo: true });
  writeFileSync(`${page}.new`, '<!doctype html><html lang="en"><body>newer by now</body></html>');
  renameSync(page, `${page}.old`);
  expect([(await served.inject('/')).statusCode, (await served.inject('/mix')).statusCode]).toEqual([503, 503]);
  renameSync(`${page}.new`, page);
  expect((await served.inject('/')).body).toBe(
    '<!doctype html><html data-home="demo" lang="en"><body>newer by now</body></html>',
  );
  renameSync(`${page}.old`, page);
  expect((await served.inject('/')).body).not.toContain('newer');
  await served.close();
});

test('a link that leads out of the folder is not followed', async () => {
  symlinkSync('../secret.txt', join(root, 'linked.txt'));
  symlinkSync('..', join(root, 'up'));
  symlinkSync('../secret.txt', join(root, 'copy.txt.br'));
  symlinkSync('page.css', join(root, 'same.css'));
  writeFileSync(join(root, 'copy.txt'), 'mine');
  for (const url of ['/linked.txt', '/up/secret.txt', '/copy.txt']) {
    const answer = await get(url, { 'accept-encoding': 'br' });
    expect([url, answer.body.includes('not for you'), answer.statusCode]).toEqual([url, false, 404]);
  }
  expect((await get('/same.css')).body).toBe('body{margin:0}');
});

/** Asks over a bare socket: a client library would tidy the path first. */
function askRaw(port: number, path: string): Promise<string> {
  return sendRaw(port, `GET ${path} HTTP/1.1\r\nHost: x\r\nConnection: close\r\n\r\n`);
}

/** What comes back of a text that is sent as it is, until the other side closes. */
function sendRaw(port: number, text: string): Promise<string> {
  return new Promise((resolve, reject) => {
    const socket = connect(port, '127.0.0.1', () => socket.write(text));
    let answer = '';
    socket.on('data', (chunk) => (answer += chunk.toString()));
    socket.on('end', () => resolve(answer));
    socket.on('error', reject);
  });
}

test('nothing outside its folder can be had, however it is asked for', async () => {
  const running = await buildServer({ root, demo: false });
  await running.listen({ host: '127.0.0.1', port: 0 });
  const port = (running.server.address() as { port: number }).port;
  for (const path of [
    '/../secret.txt',
    '/..%2fsecret.txt',
    '/%2e%2e/secret.txt',
    '/_expo/../../secret.txt',
    '/..\\secret.txt',
    '//../secret.txt',
    '/.hidden',
  ]) {
    const answer = await askRaw(port, path);
    expect(answer).not.toContain('not for you');
    expect(answer).toMatch(/^HTTP\/1\.1 (40[0-9]|200)/);
    if (answer.startsWith('HTTP/1.1 200')) expect(answer).toContain('<!doctype html>');
  }
  await running.close();
});

// RFC 9110, 15.5.1 and 15.5.9; RFC 6585, 5.
test('what never becomes a request is answered with the policies, and closed', async () => {
  const running = await buildServer({ root, demo: false, patienceMs: 200 });
  await running.listen({ host: '127.0.0.1', port: 0 });
  const port = (running.server.address() as { port: number }).port;
  // Node's own patience is a minute.
  expect(running.server).toMatchObject({ headersTimeout: 200, requestTimeout: 200 });
  for (const [sent, status] of [
    ['GET / HTTP/1.1\r\nHost: x\r\nX-Slow:', 408],
    ['NONSENSE\r\n\r\n', 400],
    [`GET / HTTP/1.1\r\nHost: x\r\nX-Long: ${'a'.repeat(40_000)}\r\n\r\n`, 431],
  ] as const) {
    const answer = await sendRaw(port, sent);
    expect(answer).toMatch(new RegExp(`^HTTP/1\\.1 ${status} `));
    expect(answer).toContain("content-security-policy: default-src 'none'");
    expect(answer).toContain('permissions-policy: ');
  }
  await running.close();
});

test('stops cleanly when told to', async () => {
  const child = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
    env: { ...process.env, PORT: '0', BISCUIT_DIST: root },
  });
  const address = await new Promise<string>((resolve, reject) => {
    child.stdout.on('data', (text: Buffer) => {
      const found = /http:\/\/127\.0\.0\.1:\d+/.exec(text.toString());
      if (found) resolve(found[0]);
    });
    child.stderr.on('data', (text: Buffer) => reject(new Error(text.toString())));
  });
  expect(await (await fetch(`${address}/healthz`)).json()).toEqual({ ok: true });
  const ended = new Promise<number | null>((resolve) => child.on('exit', (code) => resolve(code)));
  child.kill('SIGTERM');
  expect(await ended).toBe(0);
}, 60_000);
