import { asCommand } from './files';
import { runRead } from './readText';

asCommand(runRead);
