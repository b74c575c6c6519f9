import { readdirSync, statSync } from 'node:fs';
import { join, relative } from 'node:path';
import { SCREENS } from '../e2e/screens';

const ROUTES = join(__dirname, '..', 'src/app');

const filesIn = (folder: string): string[] =>
  readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    return statSync(path).isDirectory() ? filesIn(path) : [path];
  });

/** Routes that are no screens of their own: frames around others, and what exists in development alone. */
const NO_SCREENS = [/_layout$/, /^gallery$/];

/** A route's file as the addresses it answers to. */
const routes = filesIn(ROUTES)
  .map((path) => relative(ROUTES, path).replace(/\.tsx$/, ''))
  .filter((route) => !NO_SCREENS.some((not) => not.test(route)));

/** The route that answers to an address: the one of its exact name before one with a part to fill in. */
function routeOf(address: string): string {
  const path = address.split('?')[0]?.replace(/^\//, '') ?? '';
  const exact = [path, `${path}/index`.replace(/^\//, '')].find((route) => routes.includes(route));
  const filled = path.replace(/[^/]+$/, '[id]');
  return exact ?? (routes.includes(filled) ? filled : '+not-found');
}

test('every route there is is among the screens that are looked at', () => {
  expect(routes.length).toBeGreaterThan(20);
  const looked = new Set(SCREENS.map((s) => routeOf(s.address)));
  expect(routes.filter((route) => !looked.has(route))).toEqual([]);
});
