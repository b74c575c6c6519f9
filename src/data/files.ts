/** Larger files are not even read: no home of one person is so large, bytes. */
const MAX_FILE_BYTES = 200_000_000;

/** A name as the first part of a file's name: "Galley spray" becomes "galley-spray". */
export const fileNameOf = (name: string): string =>
  name
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '') || 'biscuit';

/** Hands a text, bytes, or what is a file already, to the person as a file. */
export function saveFile(
  name: string,
  content: string | Uint8Array<ArrayBuffer> | Blob,
  type = 'application/json',
): void {
  const address = URL.createObjectURL(content instanceof Blob ? content : new Blob([content], { type }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  document.body.appendChild(link);
  link.click();
  link.remove();
  setTimeout(() => URL.revokeObjectURL(address), 10_000);
}

/** Asks the person for a file and reads it as text; null if none was chosen. */
export const pickFile = (accept: string): Promise<string | null> => picked(accept, (file) => file.text());

/** Asks the person for a file, such as a picture; null if none was chosen. */
export const pickBytes = (accept: string): Promise<Blob | null> => picked(accept, (file) => Promise.resolve(file));

function picked<T>(accept: string, read: (file: File) => Promise<T>): Promise<T | null> {
  return new Promise((resolve, reject) => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = accept;
    input.style.display = 'none';
    input.setAttribute('aria-label', 'The file to read');
    document.body.appendChild(input);
    const done = (value: T | null): void => {
      input.remove();
      resolve(value);
    };
    input.addEventListener('cancel', () => done(null));
    input.addEventListener('change', () => {
      const file = input.files?.[0];
      if (!file) done(null);
      else if (file.size > MAX_FILE_BYTES) {
        input.remove();
        reject(
          new Error(`it holds ${Math.round(file.size / 1e6)} MB. Files of up to ${MAX_FILE_BYTES / 1e6} MB are read`),
        );
      } else read(file).then(done, reject);
    });
    input.click();
  });
}
