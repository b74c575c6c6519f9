import type { Browser } from '@playwright/test';
import jsQR from 'jsqr';

/** What an independent reader finds in a PDF: page sizes in points, words, and the code's text. */
export interface Printed {
  readonly pages: readonly { readonly width: number; readonly height: number }[];
  readonly text: string;
  readonly code: string | null;
}

const PDFJS = 'node_modules/pdfjs-dist/legacy/build';

interface PdfPage {
  readonly getViewport: (o: { scale: number }) => { width: number; height: number };
  readonly getTextContent: () => Promise<{ items: { str: string }[] }>;
  readonly render: (o: object) => { promise: Promise<void> };
}
interface PdfJs {
  readonly getDocument: (o: object) => {
    promise: Promise<{ numPages: number; getPage: (n: number) => Promise<PdfPage> }>;
  };
}

/** Dots to a point: a module of 0.33 mm becomes nearly 4 dots wide. */
const SCALE = 4;

/** Opens a PDF in another program (pdf.js), draws its first page, and reads the QR code off the picture. */
export async function readPrinted(browser: Browser, bytes: Buffer): Promise<Printed> {
  const page = await browser.newPage();
  await page.goto('about:blank');
  await page.addScriptTag({ path: `${PDFJS}/pdf.worker.mjs`, type: 'module' });
  await page.addScriptTag({ path: `${PDFJS}/pdf.mjs`, type: 'module' });
  await page.waitForFunction(() => 'pdfjsLib' in globalThis && 'pdfjsWorker' in globalThis);
  const found = await page.evaluate(
    async ([base64, scale]) => {
      const { pdfjsLib } = globalThis as unknown as { pdfjsLib: PdfJs };
      const data = Uint8Array.from(atob(base64), (c) => c.charCodeAt(0));
      const read = await pdfjsLib.getDocument({ data, isEvalSupported: false }).promise;
      const pages: { width: number; height: number }[] = [];
      const words: string[] = [];
      for (let n = 1; n <= read.numPages; n++) {
        const sheet = await read.getPage(n);
        const { width, height } = sheet.getViewport({ scale: 1 });
        pages.push({ width, height });
        words.push(...(await sheet.getTextContent()).items.map((i) => i.str));
      }
      const first = await read.getPage(1);
      const viewport = first.getViewport({ scale });
      const canvas = document.createElement('canvas');
      canvas.width = Math.ceil(viewport.width);
      canvas.height = Math.ceil(viewport.height);
      const context = canvas.getContext('2d');
      if (!context) throw new Error('no canvas');
      await first.render({ canvasContext: context, viewport }).promise;
      const { data: pixels } = context.getImageData(0, 0, canvas.width, canvas.height);
      // One byte a dot is enough: the code is black on white.
      let grey = '';
      for (let i = 0; i < pixels.length; i += 4) grey += (pixels[i] ?? 255) < 128 ? '1' : '0';
      return { pages, text: words.join(' '), width: canvas.width, height: canvas.height, grey };
    },
    [bytes.toString('base64'), SCALE] as const,
  );
  await page.close();
  const dots = new Uint8ClampedArray(4 * found.grey.length).fill(255);
  for (let i = 0; i < found.grey.length; i++) if (found.grey[i] === '1') dots.fill(0, 4 * i, 4 * i + 3);
  return {
    pages: found.pages,
    text: found.text,
    code: jsQR(dots, found.width, found.height)?.data ?? null,
  };
}
