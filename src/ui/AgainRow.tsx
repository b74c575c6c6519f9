import type { Batch } from '../core';
import { Row } from './Row';
import { volumeText } from './numbers';

/** Where a batch is made again: in its bottle, as much as it was, as it was tuned. */
export const againPath = ({ id, formula }: Batch): `/mix/${string}` => `/mix/${formula.id}?again=${id}`;

interface Props {
  readonly batch: Batch;
  readonly leftML: number;
  readonly onGo: (to: `/mix/${string}`) => void;
}

/** A bottle that has run out, or nearly: one tap from being made again. */
export function AgainRow({ batch, leftML, onGo }: Props) {
  const to = againPath(batch);
  return (
    <Row
      title={`Make ${batch.label.name} again`}
      detail={`${batch.state === 'kept' ? `About ${volumeText(leftML)} left` : 'The last is empty'}, ${batch.vessel.name}`}
      to={to}
      onPress={() => onGo(to)}
    />
  );
}
