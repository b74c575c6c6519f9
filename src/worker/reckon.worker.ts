import { answerTasks } from './desk';
import { RECKON_TASKS } from './reckonTasks';

answerTasks(RECKON_TASKS, self);
