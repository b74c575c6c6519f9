import { StyleSheet, View } from 'react-native';
import { packsText, shoppingText, type ShoppingLine } from '@/core/doors/shopping';
import { saveFile, StoppedError } from '@/data';
import { printedPage, type PageBlock } from '@/print';
import { Action, Body, COLORS, dayText, moneyText, Sheet, SPACE, useNotice, useWork, Working } from '@/ui';
import type { Shopping } from './useShopping';

interface Props {
  readonly open: boolean;
  readonly onClose: () => void;
  readonly days: number;
  readonly shopping: Shopping;
}

/** Everything on the list, what is bought already ticked. */
function linesOf({ toBuy, low, wanted, bought }: Shopping): ShoppingLine[] {
  return [
    ...[...toBuy, ...low].map(({ name, how }) => ({ name, how, isBought: false })),
    ...wanted.flatMap((w) => (w.kind === 'thing' ? [{ name: w.name, how: '', isBought: w.boughtAt !== null }] : [])),
    ...bought.map((p) => ({ name: p.name, how: packsText(p.packs), isBought: true })),
  ];
}

/** The list as it is taken along: to be copied, sent, or printed. */
export function ListSheet({ open, onClose, days, shopping }: Props) {
  const say = useNotice();
  const { works, run } = useWork();
  const title = `Shopping for ${days} days from ${dayText(new Date().toISOString())}`;
  const { toBuy, low, settings } = shopping;
  const lines = linesOf(shopping);
  const price = [...toBuy, ...low].reduce((sum, l) => sum + (l.price ?? 0), 0);
  const foot = price > 0 ? `About ${moneyText(price, settings.currency)}.` : '';
  const text = shoppingText(title, lines, foot);
  const copy = (): void => {
    const clipboard = typeof navigator === 'undefined' ? undefined : navigator.clipboard;
    if (!clipboard) {
      say({ text: 'This browser does not copy: take the text file instead.' });
      return;
    }
    clipboard.writeText(text).then(
      () => say({ text: 'Copied. Paste it into a message or a note.' }),
      () => say({ text: 'The browser did not allow it: take the text file instead.' }),
    );
  };
  const print = async (): Promise<void> => {
    const blocks: PageBlock[] = [
      { text: title, as: 'title' },
      ...lines.map(({ name, how, isBought }): PageBlock => ({
        text: `${isBought ? '[x]' : '[  ]'}  ${name}${how === '' ? '' : `, ${how}`}`,
        as: 'plain',
      })),
      ...(foot === '' ? [] : [{ text: foot, as: 'strong' as const }]),
    ];
    try {
      const page = await run('The page is being set', (signal) => printedPage(blocks, signal));
      saveFile('shopping.pdf', page, 'application/pdf');
    } catch (error) {
      if (!(error instanceof StoppedError))
        say({ text: error instanceof Error ? error.message : 'The page could not be set.' });
    }
  };
  return (
    <Sheet title="The list" open={open} onClose={onClose}>
      <View style={styles.text} testID="list-text">
        <Body>{text.trim()}</Body>
      </View>
      <Action title="Copy it" weight="main" onPress={copy} testID="list-copy" />
      <Action title="Page to print (PDF)" onPress={() => void print()} testID="list-pdf" />
      <Action title="Text file" onPress={() => saveFile('shopping.txt', text, 'text/plain')} testID="list-file" />
      <Working works={works} />
    </Sheet>
  );
}

const styles = StyleSheet.create({
  text: { backgroundColor: COLORS.sheet, padding: SPACE.m, borderRadius: 8 },
});
