import { useState } from 'react';
import { SOILS, soilsOn, type HomeSurface, type PartToDo, type Room } from '@/core';
import { Action, Body, Choice, Sheet } from '@/ui';

interface Props {
  readonly open: boolean;
  readonly rooms: readonly Room[];
  readonly surfaces: readonly HomeSurface[];
  /** What is in the job already. */
  readonly there: readonly PartToDo[];
  readonly onClose: () => void;
  readonly onAdd: (part: PartToDo) => void;
}

/** Another part of a job: a surface of the home, then what is on it. */
export function AddPart({ open, rooms, surfaces, there, onClose, onAdd }: Props) {
  const [surface, setSurface] = useState<HomeSurface | null>(null);
  const close = (): void => {
    setSurface(null);
    onClose();
  };
  const isThere = (soilId: string): boolean => there.some((p) => p.surfaceId === surface?.id && p.soilId === soilId);
  return (
    <Sheet title={surface ? `What is on it? ${surface.name}` : 'Which surface?'} open={open} onClose={close}>
      {surface ? (
        <>
          <Choice
            label="What is on it?"
            options={soilsOn(surface.surfaceId).flatMap((id) => {
              const soil = SOILS.find((s) => s.id === id);
              return soil && !isThere(id) ? [{ value: id, label: soil.name }] : [];
            })}
            chosen={[]}
            onChoose={(soilId) => {
              setSurface(null);
              onAdd({ surfaceId: surface.id, soilId, after: null });
            }}
          />
          <Action title="Another surface" weight="quiet" onPress={() => setSurface(null)} />
        </>
      ) : (
        rooms.map((room) => {
          const here = surfaces.filter((s) => s.roomId === room.id);
          return here.length === 0 ? null : (
            <Choice
              key={room.id}
              label={room.name}
              options={here.map((s) => ({
                value: s.id,
                label: rooms.length > 1 ? `${s.name}, ${room.name}` : s.name,
              }))}
              chosen={[]}
              onChoose={(id) => setSurface(here.find((s) => s.id === id) ?? null)}
            />
          );
        })
      )}
      {surfaces.length === 0 && <Body>Set up a room first: a job is made of the surfaces of your home.</Body>}
    </Sheet>
  );
}
