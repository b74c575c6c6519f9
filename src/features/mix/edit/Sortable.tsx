import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type Announcements,
  type DragEndEvent,
  type UniqueIdentifier,
} from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { useMemo, type ReactNode, type Ref } from 'react';
import { StyleSheet, View } from 'react-native';
import { COLORS, SPACE } from '@/ui';

interface SortableProps {
  /** The ids in their order; stable while that does not change. */
  readonly ids: readonly string[];
  readonly nameOf: (id: string) => string;
  /** Takes one so many places on; back, if less than 0. */
  readonly onMove: (id: string, by: number) => void;
  readonly children: ReactNode;
}

/** How far a pointer moves before it drags, px: less is a tap. */
const DRAG_FROM_PX = 4;

const INSTRUCTIONS = {
  draggable: 'To move it, press space, then the arrow keys; space again puts it down, escape leaves it where it was.',
};

/** A list whose entries are taken to another place by pointer, touch or keys; each move is announced. */
export function Sortable({ ids, nameOf, onMove, children }: SortableProps) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: DRAG_FROM_PX } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const items = useMemo(() => [...ids], [ids]);
  const announcements = useMemo((): Announcements => {
    const placeOf = (id: UniqueIdentifier): string => `place ${ids.indexOf(String(id)) + 1} of ${ids.length}`;
    return {
      onDragStart: ({ active }) => `${nameOf(String(active.id))} is picked up at ${placeOf(active.id)}.`,
      onDragOver: ({ active, over }) => (over ? `${nameOf(String(active.id))}: ${placeOf(over.id)}.` : undefined),
      onDragEnd: ({ active, over }) =>
        over ? `${nameOf(String(active.id))} is put down at ${placeOf(over.id)}.` : 'It stays where it was.',
      onDragCancel: ({ active }) => `${nameOf(String(active.id))} stays at ${placeOf(active.id)}.`,
    };
  }, [ids, nameOf]);
  const end = ({ active, over }: DragEndEvent): void => {
    if (!over) return;
    const by = ids.indexOf(String(over.id)) - ids.indexOf(String(active.id));
    if (by !== 0) onMove(String(active.id), by);
  };
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      accessibility={{ announcements, screenReaderInstructions: INSTRUCTIONS }}
      onDragEnd={end}
    >
      <SortableContext items={items} strategy={verticalListSortingStrategy}>
        {children}
      </SortableContext>
    </DndContext>
  );
}

type NodeRef = Ref<View>;

/** One entry: the ref and style of its box, and its handle. */
export function useSortableEntry(id: string) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({
    id,
  });
  return {
    // In the browser a view is an element, and what is asked for is one.
    boxRef: setNodeRef as unknown as NodeRef,
    boxStyle: [
      transform && { transform: [{ translateY: transform.y }] },
      transition ? ({ transition } as object) : null,
      isDragging && styles.dragged,
    ],
    handle: { attributes, listeners, ref: setActivatorNodeRef as unknown as NodeRef, isDragging },
  };
}

type HandleProps = ReturnType<typeof useSortableEntry>['handle'] & { readonly label: string; readonly testID: string };

/** What an entry is dragged by. */
export function SortHandle({ attributes, listeners, ref, isDragging, label, testID }: HandleProps) {
  return (
    <View
      ref={ref}
      {...(attributes as object)}
      {...listeners}
      aria-label={label}
      style={[styles.handle, isDragging && styles.held]}
      testID={testID}
    >
      {[0, 1, 2].map((i) => (
        <View key={i} style={styles.grip} />
      ))}
    </View>
  );
}

/** For the browser: a finger on it drags it, and does not scroll. */
const DRAGGED: object = { cursor: 'grab', touchAction: 'none' };

const styles = StyleSheet.create({
  dragged: { zIndex: 1, backgroundColor: COLORS.sheet, borderRadius: 10 },
  handle: {
    width: 48,
    height: 48,
    marginLeft: -SPACE.s,
    alignItems: 'center',
    justifyContent: 'center',
    gap: 4,
    borderRadius: 10,
    userSelect: 'none',
    ...DRAGGED,
  },
  held: { backgroundColor: COLORS.actionTint },
  grip: { width: 20, height: 2.5, borderRadius: 2, backgroundColor: COLORS.lineStrong },
});
