import type { Timer, TimerNow } from '../core';
import { Row } from './Row';
import { TimerRing } from './TimerFace';
import { timerDetail, timerPath, timerTitle } from './timerText';

interface Props {
  readonly timer: Timer;
  readonly now: TimerNow;
  readonly onGo: (to: ReturnType<typeof timerPath>) => void;
}

/** A wait as a line of a list, leading to where it is seen to. */
export const TimerLine = ({ timer, now, onGo }: Props) => (
  <Row
    title={timerTitle(timer, now)}
    detail={timerDetail(timer, now)}
    mark={<TimerRing timer={timer} now={now} />}
    to={timerPath(timer)}
    onPress={() => onGo(timerPath(timer))}
  />
);
