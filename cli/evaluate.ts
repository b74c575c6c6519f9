import { asCommand } from './files';
import { run } from './run';

asCommand(run);
