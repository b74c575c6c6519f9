import type { Surface, SurfaceGroup } from './surface';
import { SURFACES } from './surfaces';

/** A surface by its id, or a whole class of them: `class:stone`. */
export type SurfacePlaceId = string;

const CLASS = 'class:';

/** The classes that a formula may be kept off, or be made for. */
export const PLACE_CLASSES: readonly SurfaceGroup[] = [
  'stone',
  'tile',
  'glass',
  'metal',
  'enamel',
  'plastic',
  'wood',
  'wall',
  'cloth',
  'appliance',
  'outdoors',
];

/** The id of a class. */
export const classId = (group: SurfaceGroup): SurfacePlaceId => CLASS + group;

const KNOWN = new Set<SurfacePlaceId>([...SURFACES.map((s) => s.id), ...PLACE_CLASSES.map(classId)]);

/** Every id there is, classes first. */
export const PLACE_IDS: readonly SurfacePlaceId[] = [...PLACE_CLASSES.map(classId), ...SURFACES.map((s) => s.id)];

/** True for the id of a surface or of a class. */
export const isPlaceId = (id: string): boolean => KNOWN.has(id);

/** True if a surface is one of these, or of one of these classes. */
export const isAmong = ({ id, group }: Pick<Surface, 'id' | 'group'>, places: readonly SurfacePlaceId[]): boolean =>
  places.includes(id) || places.includes(classId(group));
