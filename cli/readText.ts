import { parseArgs } from 'node:util';
import { lineText, MEASURE_SYSTEMS, readRecipe, type MeasureSystem } from '../src/core';
import { batchOf, contentsOf, eachOf, oneOf, ran, Unreadable, type ReadText, type Run } from './arguments';

const HELP = `npm run -s read -- (--text FILE | --batch FILE) [--cup CUP]
  --text FILE    a pasted recipe; - is standard input
  --batch FILE   a JSON array of texts; one JSON object a line
  --cup CUP      ${MEASURE_SYSTEMS.join(' | ')}`;

/** How a text is read, without a verdict. Lines read from one stretch carry the same text and span. */
function reading(text: string, cup: MeasureSystem): object {
  if (text.trim() === '') throw new Unreadable('The text is empty. Accepted: a recipe, such as "1 cup white vinegar".');
  const { items, title, header, hazards } = readRecipe(text, { measures: cup });
  return {
    name: title,
    makesML: header.makesML ?? null,
    lines: items.flatMap((i) =>
      i.kind === 'line'
        ? [
            {
              text: i.text,
              span: i.span,
              as: lineText(i.line),
              ingredient: i.line.ingredient.kind === 'known' ? i.line.ingredient.id : null,
              doubts: i.doubts.map((d) => d.kind),
            },
          ]
        : [],
    ),
    notes: items.flatMap((i) => (i.kind === 'note' || i.kind === 'title' ? [{ text: i.text, span: i.span }] : [])),
    unread: items.flatMap((i) => (i.kind === 'unread' ? [{ text: i.text, span: i.span, because: i.because }] : [])),
    hazards: hazards.map(({ word, span }) => ({ word, span })),
  };
}

function optionsOf(args: readonly string[]) {
  try {
    return parseArgs({
      args: [...args],
      options: {
        text: { type: 'string' },
        batch: { type: 'string' },
        cup: { type: 'string' },
        help: { type: 'boolean' },
      },
    }).values;
  } catch (error) {
    throw new Unreadable(`${(error as Error).message.split('\n')[0]} See --help for what is accepted.`);
  }
}

/** The command `read` as a function: arguments in, what to print and how to end out. */
export const runRead = (args: readonly string[], readText: ReadText): Run =>
  ran(() => {
    const values = optionsOf(args);
    if (values.help) return `${HELP}\n`;
    const cup = oneOf('cup', values.cup, MEASURE_SYSTEMS, 'us');
    if ((values.text === undefined) === (values.batch === undefined)) {
      throw new Unreadable('Give exactly one of --text FILE or --batch FILE. See --help.');
    }
    if (values.batch !== undefined) {
      return eachOf(batchOf(values.batch, readText), (entry) => {
        if (typeof entry !== 'string') throw new Unreadable('This entry is no text. Accepted: a string.');
        return reading(entry, cup);
      });
    }
    return `${JSON.stringify(reading(contentsOf(values.text ?? '-', readText), cup), null, 2)}\n`;
  });
