import { answerTasks } from '../worker/desk';
import { PRESS_TASKS } from './press';

answerTasks(PRESS_TASKS, self);
