/** What parts share, as the bundler names it; it sets a script for it before that of the first load. */
const SHARED_SCRIPT = /<script src="([^"]*\/__common-[0-9a-f]+\.js)" defer><\/script>/;

/**
 * The page as it is handed out: what parts share is fetched after the first screen, so it is named by an attribute
 * (see src/loading/shared.ts) in place of its script.
 * @throws if the bundler has set no such script: then everything would be in the first load
 */
export function finishPage(html: string): string {
  const shared = SHARED_SCRIPT.exec(html);
  if (!shared?.[1]) throw new Error('The exported page names no script that parts share.');
  return html.replace(shared[0], '').replace(/<html\b/, `<html data-shared="${shared[1]}"`);
}
