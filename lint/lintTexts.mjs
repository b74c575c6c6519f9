// Lints texts as if they stood in files of the house: [{ file, text }] in, one list of messages a text out.
import { readFileSync } from 'node:fs';
import { ESLint } from 'eslint';

const eslint = new ESLint();
const texts = JSON.parse(readFileSync(0, 'utf8'));
const messages = [];
for (const { file, text } of texts) {
  const [result] = await eslint.lintText(text, { filePath: file });
  messages.push(result.messages.map((m) => m.message));
}
process.stdout.write(JSON.stringify(messages));
