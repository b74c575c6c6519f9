/** Hands a text to the person as a file. */
export function saveFile(name: string, text: string, type = 'application/json'): void {
  const address = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = address;
  link.download = name;
  document.body.appendChild(link);
  link.click();
  link.remove();
  setTimeout(() => URL.revokeObjectURL(address), 10_000);
}

/** Asks the person for a file and reads it as text; null if none was chosen. */
export function pickFile(accept: string): Promise<string | null> {
  return new Promise((resolve, reject) => {
    const input = document.createElement('input');
    input.type = 'file';
    input.accept = accept;
    input.style.display = 'none';
    input.setAttribute('aria-label', 'The file to read');
    document.body.appendChild(input);
    const done = (text: string | null): void => {
      input.remove();
      resolve(text);
    };
    input.addEventListener('cancel', () => done(null));
    input.addEventListener('change', () => {
      const file = input.files?.[0];
      if (!file) done(null);
      else file.text().then(done, reject);
    });
    input.click();
  });
}
