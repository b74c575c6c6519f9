import { lazy, Suspense, type ComponentProps } from 'react';

/** The door of the forms of several fields: they load, all together, when the first is opened. */
const Entry = lazy(async () => ({ default: (await import('./all')).EntryChangeForm }));
const Item = lazy(async () => ({ default: (await import('./all')).PantryItemForm }));

export const EntryChangeForm = (props: ComponentProps<typeof Entry>) => (
  <Suspense fallback={null}>
    <Entry {...props} />
  </Suspense>
);

export const PantryItemForm = (props: ComponentProps<typeof Item>) => (
  <Suspense fallback={null}>
    <Item {...props} />
  </Suspense>
);
