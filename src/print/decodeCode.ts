import jsQR from 'jsqr';

/** Larger pictures are made smaller before they are searched, px. */
const MAX_PX = 1600;

/** The text of the QR code in a picture; null if there is none to be found. Throws if it is no picture. */
export async function decodeCode(picture: Blob): Promise<string | null> {
  const bitmap = await createImageBitmap(picture);
  const scale = Math.min(1, MAX_PX / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(bitmap.width * scale));
  canvas.height = Math.max(1, Math.round(bitmap.height * scale));
  const context = canvas.getContext('2d');
  if (!context) return null;
  context.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  const { data, width, height } = context.getImageData(0, 0, canvas.width, canvas.height);
  return jsQR(data, width, height)?.data ?? null;
}
