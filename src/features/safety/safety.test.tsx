import { fireEvent, screen } from '@testing-library/react-native';
import { Linking } from 'react-native';
import { DEFAULT_SETTINGS, EMPTY_HOME, evaluate, formulaFromReading, readRecipe, DEFAULT_CONTEXT } from '@/core';
import { renderIn } from '@/testing/renderIn';
import { SafetyScreen } from './SafetyScreen';

const mockPush = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ push: mockPush }) }));

const withNumbers = (poisonNumber: string, emergencyNumber: string) => ({
  ...EMPTY_HOME,
  settings: { ...DEFAULT_SETTINGS, poisonNumber, emergencyNumber },
});

// RFC 3966, 5.1.4: a global number holds no trunk prefix.
test('the numbers are called with one tap, in the form a phone dials', async () => {
  const open = jest.spyOn(Linking, 'openURL').mockResolvedValue(true);
  await renderIn(<SafetyScreen />, withNumbers('+44 (0)1632 960 161', '112'));
  fireEvent.press(screen.getByLabelText(/^Poison advice/));
  fireEvent.press(screen.getByLabelText(/^Emergency/));
  expect(open.mock.calls.map(([url]) => url)).toEqual(['tel:+441632960161', 'tel:112']);
  expect(screen.queryByText(/^Enter your/)).toBeNull();
  open.mockRestore();
});

test('where a number is missing, the way to enter it stands in its place', async () => {
  await renderIn(<SafetyScreen />, withNumbers('', '112'));
  fireEvent.press(screen.getByText('Enter your poison-advice number'));
  expect(mockPush).toHaveBeenCalledWith('/settings');
});

// Rinsing for 15 to 20 minutes, fresh air, no vomiting: public first-aid guidance, from memory.
test('first steps for breath, eye, skin and swallowing', async () => {
  await renderIn(<SafetyScreen />);
  for (const after of ['Breathed fumes', 'In the eye', 'On the skin', 'Swallowed'])
    expect(screen.getByText(after)).toBeTruthy();
  expect(screen.getByText('Do not make them vomit.')).toBeTruthy();
  expect(screen.getAllByText(/15 to 20 minutes/)).toHaveLength(2);
});

// What stands on the screen is what the core judges: no pair is only words.
test.each([
  ['Bleach and any acid', '1 cup bleach\n1 cup vinegar'],
  ['Bleach and any acid', '1 cup bleach\n1 tbsp citric acid'],
  ['Bleach and ammonia', '1 cup bleach\n1 cup ammonia'],
  ['Bleach and alcohol', '1 cup bleach\n1 cup rubbing alcohol'],
  ['Bleach and peroxide or oxygen bleach', '1 cup bleach\n1 cup hydrogen peroxide'],
  ['Bleach and peroxide or oxygen bleach', '1 cup bleach\n1 tbsp oxygen bleach'],
  ['Peroxide and vinegar in one bottle', '1 cup hydrogen peroxide\n1 cup vinegar'],
  ['Anything that fizzes and a closed cap', '1 cup vinegar\n1/4 cup baking soda'],
])('%s: %j is a danger by the rules, too', async (words, text) => {
  const formula = formulaFromReading(readRecipe(text, { measures: 'us' }), text, 'Pair', 'us');
  const result = evaluate(formula!, { ...DEFAULT_CONTEXT, scope: 'stored' });
  expect(result.ok && result.value.verdict).toBe('danger');
  await renderIn(<SafetyScreen />);
  expect(screen.getByText(words)).toBeTruthy();
});
