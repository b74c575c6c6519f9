import { readFileSync } from 'node:fs';
import sharp from 'sharp';

/** The icon as it is drawn, and the paper it stands on where a system cuts its own shape. */
const ARTWORK = readFileSync('public/icon.svg');
const PAPER = '#F3EADA';

/** Of a maskable icon the middle 80 % is kept whatever shape is cut (Web App Manifest, W3C: the safe zone). */
const SAFE_SHARE = 0.8;
const SIDE = 512;
/** Drawn finely enough for the largest. */
const DENSITY = 1000;

const drawn = (side: number) => sharp(ARTWORK, { density: DENSITY }).resize(side, side);

/** Draws the icons of the manifest anew from public/icon.svg: `npx tsx bundle/icons.ts`. They are kept in public/. */
async function drawIcons(): Promise<void> {
  for (const side of [192, SIDE])
    await drawn(side)
      .png({ palette: true })
      .toFile(`public/icon-${String(side)}.png`);
  const inner = await drawn(Math.round(SIDE * SAFE_SHARE)).toBuffer();
  await sharp({ create: { width: SIDE, height: SIDE, channels: 4, background: PAPER } })
    .composite([{ input: inner, gravity: 'centre' }])
    .png({ palette: true })
    .toFile('public/icon-maskable-512.png');
}

drawIcons().catch((error: unknown) => {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exitCode = 1;
});
