import { unitML, type MeasureSystem } from './units';

/** Something to measure with. A scoop holds one volume; a graduated tool has marks; a scale weighs. */
export type Tool =
  | { readonly kind: 'scoop'; readonly id: string; readonly name: string; readonly volumeML: number }
  | {
      readonly kind: 'graduated';
      readonly id: string;
      readonly name: string;
      readonly stepML: number;
      readonly capacityML: number;
    }
  | { readonly kind: 'scale'; readonly id: string; readonly name: string; readonly stepG: number };

/** The tools a person may tick as their own, by id. */
export const TOOL_IDS = ['cups', 'spoons', 'jug', 'syringe', 'scale'] as const;
export type ToolId = (typeof TOOL_IDS)[number];

const CUP_SHARES = [
  { share: 1, name: '1 cup' },
  { share: 1 / 2, name: '½ cup' },
  { share: 1 / 3, name: '⅓ cup' },
  { share: 1 / 4, name: '¼ cup' },
];

const TEASPOON_SHARES = [
  { share: 1, name: '1 tsp' },
  { share: 1 / 2, name: '½ tsp' },
  { share: 1 / 4, name: '¼ tsp' },
];

const scoop = (name: string, volumeML: number): Tool => ({
  kind: 'scoop',
  id: name.replace(' ', '-'),
  name,
  volumeML,
});

/** The tools behind a person's ticks, with cups and spoons of their own measure system. */
export function toolSet(ids: readonly ToolId[], system: MeasureSystem): Tool[] {
  return TOOL_IDS.filter((id) => ids.includes(id)).flatMap((id): Tool[] => {
    switch (id) {
      case 'cups':
        return CUP_SHARES.map((c) => scoop(c.name, c.share * unitML('cup', system)));
      case 'spoons':
        return [
          scoop('1 tbsp', unitML('tbsp', system)),
          ...TEASPOON_SHARES.map((t) => scoop(t.name, t.share * unitML('tsp', system))),
        ];
      case 'jug':
        return [{ kind: 'graduated', id: 'jug', name: 'jug', stepML: 25, capacityML: 1000 }];
      case 'syringe':
        return [{ kind: 'graduated', id: 'syringe', name: 'syringe', stepML: 1, capacityML: 10 }];
      case 'scale':
        return [{ kind: 'scale', id: 'scale', name: 'scale', stepG: 1 }];
    }
  });
}
