import { create } from 'qrcode';
import type { Modules } from './labelLayout';

/** A text as a QR code (ISO/IEC 18004), error correction M; null if it is too long for any. */
export function codeOf(text: string): Modules | null {
  try {
    const { modules } = create(text, { errorCorrectionLevel: 'M' });
    const { size } = modules;
    return Array.from({ length: size }, (_, y) => Array.from({ length: size }, (__, x) => modules.get(y, x) === 1));
  } catch {
    return null;
  }
}
