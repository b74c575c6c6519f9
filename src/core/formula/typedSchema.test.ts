import { validate } from './schema';
import { boolean, arrayOf, number, objectOf, enumOf, orNull, text, unionOf } from './typedSchema';

interface Jar {
  readonly name: string;
  readonly litres: number | null;
  readonly lid: 'screw' | 'flip';
  readonly tags: readonly string[];
  readonly note?: string;
}
type Shape = { readonly kind: 'round'; readonly r: number } | { readonly kind: 'box' | 'crate'; readonly a: number };

const fields = { name: text(), litres: orNull(number()), lid: enumOf(['screw', 'flip']), tags: arrayOf(text()) };
const jar = objectOf<Jar>(fields, { note: text() });
const shape = unionOf<Shape>({ round: { r: number() }, box: { a: number() }, crate: { a: number() } });
const GOOD: Jar = { name: 'Jar', litres: null, lid: 'flip', tags: [] };

/** Each line below compiles only because it is marked as a mistake; the compiler fails where one stops being one. */
const mistakes = (): unknown[] => {
  const { lid: _, ...withoutLid } = fields;
  return [
    // @ts-expect-error a field of the type that the schema forgets
    objectOf<Jar>(withoutLid, { note: text() }),
    // @ts-expect-error a field of the schema that the type does not have
    objectOf<Jar>({ ...fields, colour: text() }, { note: text() }),
    // @ts-expect-error a field that may be left out, forgotten
    objectOf<Jar>(fields),
    // @ts-expect-error a field that must be there, put among those that may be left out
    objectOf<Jar>(withoutLid, { note: text(), lid: enumOf(['screw', 'flip']) }),
    // @ts-expect-error a null that the schema refuses
    objectOf<Jar>({ ...fields, litres: number() }, { note: text() }),
    // @ts-expect-error a null that the type does not have
    objectOf<Jar>({ ...fields, name: orNull(text()) }, { note: text() }),
    // @ts-expect-error a choice of the type that the schema forgets
    objectOf<Jar>({ ...fields, lid: enumOf(['screw']) }, { note: text() }),
    // @ts-expect-error a choice that the type does not have
    objectOf<Jar>({ ...fields, lid: enumOf(['screw', 'flip', 'cork']) }, { note: text() }),
    // @ts-expect-error any word, where the type has a few
    objectOf<Jar>({ ...fields, lid: text() }, { note: text() }),
    // @ts-expect-error a list of something else
    objectOf<Jar>({ ...fields, tags: arrayOf(boolean()) }, { note: text() }),
    // @ts-expect-error a kind forgotten
    unionOf<Shape>({ round: { r: number() }, box: { a: number() } }),
    // @ts-expect-error a field of one kind forgotten
    unionOf<Shape>({ round: {}, box: { a: number() }, crate: { a: number() } }),
  ];
};

test('a schema and its type are one: either alone does not compile', () => {
  expect(mistakes()).toHaveLength(12);
});

test('what the type says must be there is asked for, what it says may be left out is not', () => {
  expect(validate(jar, GOOD)).toEqual({ ok: true, value: GOOD });
  expect(validate(jar, { ...GOOD, note: 'n', litres: 2 }).ok).toBe(true);
  for (const key of Object.keys(GOOD)) expect(validate(jar, { ...GOOD, [key]: undefined }).ok).toBe(false);
  for (const bad of [{ lid: 'cork' }, { litres: 'two' }, { name: null }, { note: null }, { tags: [1] }, { extra: 1 }])
    expect(validate(jar, { ...GOOD, ...bad }).ok).toBe(false);
});

test('a union is told apart by its kind; one that is not known is said with those that are', () => {
  expect(validate(shape, { kind: 'crate', a: 1 }).ok).toBe(true);
  for (const bad of [{ kind: 'round', a: 1 }, { kind: 'box' }, { kind: 'box', a: 1, r: 1 }, {}, null, 'round'])
    expect(validate(shape, bad).ok).toBe(false);
  const result = validate(shape, { kind: 'star' });
  expect(!result.ok && result.problems.map((p) => p.message)).toEqual([
    '"kind" is not known. Accepted: round, box, crate.',
  ]);
});
