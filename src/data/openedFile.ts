/** What a file may be, by the screen that reads it. */
export type OpenedKind = 'home' | 'recipe' | 'log';

/** Where each is read. */
export const READ_AT = { home: '/settings', recipe: '/mix/paste', log: '/log' } as const satisfies Record<
  OpenedKind,
  string
>;

interface OpenedFile {
  readonly name: string;
  readonly text: string;
}

/** A file on its way to the screen that reads it, with what it was taken for. */
let onItsWay: { readonly kind: OpenedKind; readonly text: string } | null = null;

/** What a file is taken for, by its name and how it begins; the screen that reads it says what is wrong with it. */
export function kindOfFile({ name, text }: OpenedFile): OpenedKind {
  if (/\.csv$/i.test(name)) return 'log';
  const head = text.slice(0, 200);
  if (!/^\s*\{/.test(head)) return 'recipe';
  return head.includes('"biscuit-formula"') ? 'recipe' : 'home';
}

/** Sends a file on to the screen that reads it; gives its address. */
export function sendOn(file: OpenedFile): (typeof READ_AT)[OpenedKind] {
  const kind = kindOfFile(file);
  onItsWay = { kind, text: file.text };
  return READ_AT[kind];
}

/** Takes the file that is on its way to this screen; null if there is none. It is taken once. */
export function takeOpened(kind: OpenedKind): string | null {
  if (onItsWay?.kind !== kind) return null;
  const { text } = onItsWay;
  onItsWay = null;
  return text;
}

/** The part of the browser that hands over files the person opened with an app (File Handling, WICG). */
interface LaunchQueue {
  readonly setConsumer: (
    take: (launched: { readonly files?: readonly { readonly getFile: () => Promise<File> }[] }) => void,
  ) => void;
}

/** Hears of files that are opened with Biscuit; false where the browser hands over none. */
export function onFileOpened(heard: (file: OpenedFile) => void, failed: (error: unknown) => void): boolean {
  const queue = (globalThis as { readonly launchQueue?: LaunchQueue }).launchQueue;
  if (!queue) return false;
  queue.setConsumer(({ files }) => {
    const [first] = files ?? [];
    first
      ?.getFile()
      .then(async (file) => heard({ name: file.name, text: await file.text() }))
      .catch(failed);
  });
  return true;
}
