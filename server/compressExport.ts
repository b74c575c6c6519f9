import { compressFolder } from './compress';

const done = compressFolder(process.argv[2] ?? 'dist');
process.stderr.write(`Compressed: ${done} files\n`);
