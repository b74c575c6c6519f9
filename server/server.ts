import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import helmet from '@fastify/helmet';
import serveStatic from '@fastify/static';
import fastify, { type FastifyInstance } from 'fastify';

export interface ServerOptions {
  /** The folder with the exported app. */
  readonly root: string;
  /** Opens the demo home instead of the person's own. */
  readonly demo: boolean;
}

const YEAR_S = 365 * 24 * 60 * 60;

/** Hash of the empty text: the app creates an empty style element and fills it rule by rule. */
const EMPTY_STYLE = "'sha256-47DEQpj8HBSa+/TImW+5JCeuQeRkm5NMpJWZG3hSuFU='";

/** Files whose name changes with what is in them. */
const isHashed = (path: string): boolean => /[/\\](?:_expo|assets)[/\\]/.test(path);

/** A path that asks for a page of the app, not for a file. */
const isPage = (url: string): boolean => !/\.[a-z0-9]+$/i.test(url.split('?')[0] ?? '');

/** The page, told which home to open by an attribute; no script stands in it. */
function pageOf({ root, demo }: ServerOptions): string {
  const html = readFileSync(join(root, 'index.html'), 'utf8');
  return demo ? html.replace(/<html\b/, '<html data-home="demo"') : html;
}

/**
 * Hands out the exported app: compressed when it was exported, hashed files cached for a year, everything else checked
 * each time, strict headers, and the page for every address that is not a file.
 */
export async function buildServer(options: ServerOptions): Promise<FastifyInstance> {
  const app = fastify({ logger: false, forceCloseConnections: true });
  const page = pageOf(options);

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
        workerSrc: ["'self'", 'blob:'],
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

  app.get('/healthz', () => ({ ok: true }));

  const sendPage = (reply: {
    header: (k: string, v: string) => unknown;
    type: (t: string) => { send: (b: string) => unknown };
  }): unknown => {
    reply.header('cache-control', 'no-cache');
    return reply.type('text/html; charset=utf-8').send(page);
  };
  app.get('/', (_, reply) => sendPage(reply));
  app.get('/index.html', (_, reply) => sendPage(reply));

  await app.register(serveStatic, {
    root: options.root,
    index: false,
    preCompressed: true,
    cacheControl: false,
    dotfiles: 'deny',
    setHeaders: (response, path) => {
      void response.header('cache-control', isHashed(path) ? `public, max-age=${YEAR_S}, immutable` : 'no-cache');
    },
  });

  app.setNotFoundHandler((request, reply) => {
    const wantsPage = (request.method === 'GET' || request.method === 'HEAD') && isPage(request.url);
    return wantsPage ? sendPage(reply.code(200)) : reply.code(404).type('text/plain').send('Nothing at this address.');
  });
  return app;
}
