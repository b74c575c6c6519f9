import { answerTasks } from './desk';
import { HOME_TASKS } from './homeTasks';

answerTasks(HOME_TASKS, self as unknown as Parameters<typeof answerTasks>[1]);
