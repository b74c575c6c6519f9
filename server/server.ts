import { readFileSync, realpathSync, statSync } from 'node:fs';
import type { Socket } from 'node:net';
import { join, sep } from 'node:path';
import helmet from '@fastify/helmet';
import serveStatic from '@fastify/static';
import fastify, { type FastifyInstance, type FastifyReply } from 'fastify';

export interface ServerOptions {
  /** The folder with the exported app. */
  readonly root: string;
  /** Opens the demo home at a first visit, instead of the person's own. */
  readonly demo: boolean;
  /** So long a request may take to arrive, ms; 10 s if not given. */
  readonly patienceMs?: number;
}

const YEAR_S = 365 * 24 * 60 * 60;
const PATIENCE_MS = 10_000;

/** Hash of the empty text: the app creates an empty style element and fills it rule by rule. */
const EMPTY_STYLE = "'sha256-47DEQpj8HBSa+/TImW+5JCeuQeRkm5NMpJWZG3hSuFU='";

/** What of the machine the page may ask for (Permissions Policy, W3C): a screen that stays on; a kitchen scale by default. */
const PERMISSIONS = [
  'screen-wake-lock=(self)',
  ...['camera', 'display-capture', 'geolocation', 'hid', 'microphone', 'midi', 'payment', 'serial', 'usb'].map(
    (feature) => `${feature}=()`,
  ),
].join(', ');

/** Files whose name changes with what is in them. */
const isHashed = (path: string): boolean => /[/\\](?:_expo|assets)[/\\]/.test(path);

/** A path that asks for a page of the app, not for a file. */
const isPage = (url: string): boolean => !/\.[a-z0-9]+$/i.test(url.split('?')[0] ?? '');

/**
 * The page, read anew when it has changed, and told which home to open first by an attribute; no script stands in it.
 * Null while there is none: an export is being put in place.
 */
function pageIn({ root, demo }: ServerOptions): () => string | null {
  const path = join(root, 'index.html');
  let known: { readonly stamp: string; readonly html: string } | null = null;
  return () => {
    try {
      const { mtimeMs, size, ino } = statSync(path);
      const stamp = `${mtimeMs} ${size} ${ino}`;
      if (known?.stamp !== stamp) {
        const html = readFileSync(path, 'utf8');
        known = { stamp, html: demo ? html.replace(/<html\b/, '<html data-home="demo"') : html };
      }
      return known.html;
    } catch {
      return null;
    }
  };
}

/** True if a file, and its compressed copies, are in the folder itself: a link that leads out of it is not followed. */
function isInside(root: string, path: string): boolean {
  const base = realpathSync(root) + sep;
  return ['', '.br', '.gz'].every((ending) => {
    try {
      return realpathSync(join(root, path + ending)).startsWith(base);
    } catch {
      // Not there: nothing to be had.
      return true;
    }
  });
}

/** The status of a request that is no request (RFC 9110 and 6585). */
const STATUS_OF: Readonly<Record<string, string>> = {
  ERR_HTTP_REQUEST_TIMEOUT: '408 Request Timeout',
  HPE_HEADER_OVERFLOW: '431 Request Header Fields Too Large',
};

/**
 * Hands out the exported app: compressed when it was exported, hashed files cached for a year, everything else checked
 * each time, strict headers on every answer, and the page for every address that is not a file.
 */
export async function buildServer(options: ServerOptions): Promise<FastifyInstance> {
  const patienceMs = options.patienceMs ?? PATIENCE_MS;
  /** The headers that every answer carries, as soon as they are known. */
  let always: Readonly<Record<string, string>> = {};
  const app = fastify({
    logger: false,
    forceCloseConnections: true,
    requestTimeout: patienceMs,
    http: { headersTimeout: patienceMs, connectionsCheckingInterval: Math.max(20, patienceMs / 4) },
    clientErrorHandler(error, socket: Socket) {
      if (!socket.writable || error.code === 'ECONNRESET') return;
      const lines = Object.entries(always).map(([name, value]) => `${name}: ${value}\r\n`);
      const status = STATUS_OF[error.code ?? ''] ?? '400 Bad Request';
      socket.end(`HTTP/1.1 ${status}\r\n${lines.join('')}content-length: 0\r\nconnection: close\r\n\r\n`);
    },
    frameworkErrors(_, __, reply: FastifyReply) {
      // An address that is none: it has come past the hooks that lay the headers on.
      void reply.code(400).headers(always).type('text/plain').send('This is not an address.');
    },
  });
  const page = pageIn(options);

  await app.register(helmet, {
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'none'"],
        scriptSrc: ["'self'"],
        styleSrc: ["'self'", EMPTY_STYLE],
        imgSrc: ["'self'", 'data:', 'blob:'],
        fontSrc: ["'self'"],
        connectSrc: ["'self'"],
        workerSrc: ["'self'"],
        manifestSrc: ["'self'"],
        baseUri: ["'none'"],
        formAction: ["'none'"],
        frameAncestors: ["'none'"],
      },
    },
    // Served on this machine over plain HTTP.
    strictTransportSecurity: false,
    referrerPolicy: { policy: 'no-referrer' },
  });
  app.addHook('onRequest', (_, reply, done) => {
    void reply.header('permissions-policy', PERMISSIONS);
    done();
  });

  app.get('/healthz', () => ({ ok: true }));

  const sendPage = (reply: {
    code: (c: number) => unknown;
    header: (k: string, v: string) => unknown;
    type: (t: string) => { send: (b: string) => unknown };
  }): unknown => {
    const html = page();
    reply.header('cache-control', 'no-cache');
    reply.code(html === null ? 503 : 200);
    return html === null
      ? reply.type('text/plain').send('Biscuit is being put in place here. Try again in a minute.')
      : reply.type('text/html; charset=utf-8').send(html);
  };
  app.get('/', (_, reply) => sendPage(reply));
  app.get('/index.html', (_, reply) => sendPage(reply));

  await app.register(serveStatic, {
    root: options.root,
    index: false,
    preCompressed: true,
    cacheControl: false,
    dotfiles: 'deny',
    allowedPath: (path) => isInside(options.root, path),
    setHeaders: (response, path) => {
      void response.header('cache-control', isHashed(path) ? `public, max-age=${YEAR_S}, immutable` : 'no-cache');
    },
  });

  app.setNotFoundHandler((request, reply) => {
    const wantsPage = (request.method === 'GET' || request.method === 'HEAD') && isPage(request.url);
    return wantsPage ? sendPage(reply) : reply.code(404).type('text/plain').send('Nothing at this address.');
  });

  const OWN = /^(?:content-(?:type|length)|date|connection|cache-control)$/;
  const { headers } = await app.inject('/healthz');
  always = Object.fromEntries(
    Object.entries(headers).flatMap(([name, value]) => (OWN.test(name) ? [] : [[name, String(value)]])),
  );
  return app;
}
