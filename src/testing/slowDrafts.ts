import { Drafts } from '@/data/drafts/drafts';

/** Reads of drafts that wait until they are let come; nothing was left in any of them. To be put right again with `restore`. */
export function slowDrafts() {
  const waiting: (() => void)[] = [];
  const read = jest
    .spyOn(Drafts.prototype, 'read')
    .mockImplementation(() => new Promise((found) => waiting.push(() => found({ value: null, takenUp: false }))));
  return {
    asked: (): number => waiting.length,
    come: (): void => waiting.forEach((come) => come()),
    restore: (): void => read.mockRestore(),
  };
}
