import { answerTasks } from './desk';
import { HOME_TASKS } from './homeTasks';

answerTasks(HOME_TASKS, self);
