/**
 * Goes back to the page before, with all of its address. A router's own way back knows the place it came from, and not
 * which of its screens was open.
 */
export const toPageBefore = (): void => globalThis.history?.back();
