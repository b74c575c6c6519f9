import { amountText } from '../card';
import { readAmount } from './readAmount';

const reads = (text: string): string | null => {
  const found = readAmount(text);
  return found && `${amountText(found.amount)}|${found.rest.trim()}`;
};

test.each([
  ['½ cup', '½ cup|'],
  ['1 1/2 cups vinegar', '1½ cups|vinegar'],
  ['2-1/2 c. x', '2½ cups|x'],
  ['1/2 - 1 cup', '½ to 1 cup|'],
  ['two and a half tsp', '2½ tsp|'],
  ['three-quarter cup', '¾ cup|'],
  ['twenty-five drops', '25 drops|'],
  ['a dozen drops', '12 drops|'],
  ['2 T', '2 tbsp|'],
  ['2 t', '2 tsp|'],
  ['3 imperial pints', '1704.784 mL|'],
  ['5 dl', '500 mL|'],
  ['1# soda', '1 lb|soda'],
  ['40 g per litre', '40 g per litre|'],
  ['5 g/100 ml', '50 g per litre|'],
  ['20 drops per litre', '2 drops per 100 mL|'],
  ['2 x 500 ml', '1000 mL|'],
  ['3 x 1 litre bottles', '3 L|'],
  ['2 tbsp + 1 tsp soap', '34.502 mL|soap'],
  ['juice of 2 lemons', 'juice of 2|lemon juice'],
  ['a squirt', 'a squirt|'],
  ['1,000 ml', '1000 mL|'],
  ['6 % w/v', '6 % w/v|'],
])('%j is %j', (text, expected) => expect(reads(text)).toBe(expected));

test.each(['1.000 ml', '1/0 cup', '11/2 cups', '1e3 ml', 'vinegar', '3', '', '2 zonks'])(
  '%j is no amount that can be taken for sure',
  (text) => expect(readAmount(text)).toBeNull(),
);
