import { fireEvent, render, screen, waitFor } from '@testing-library/react-native';
import { Picker } from './Picker';

const SOILS = [
  { id: 'limescale', name: 'Limescale', names: ['hard water', 'scale'] },
  { id: 'soap-scum', name: 'Soap scum', names: ['soap film'] },
  { id: 'burnt-on', name: 'Burnt-on grease', names: ['baked on grease'] },
];

const type = (text: string): void => {
  render(<Picker title="Which?" all={SOILS} open chosen="" onClose={() => undefined} onChoose={() => undefined} />);
  fireEvent.changeText(screen.getByLabelText('Type to find'), text);
};
const offered = (): string[] =>
  screen.queryAllByRole('radio').map((r) => String(r.props['aria-label'] ?? r.props.accessibilityLabel));

test.each([
  ['scale', ['Limescale']],
  ['SOAP F', ['Soap scum']],
  // A slip in one word of two; words in another order.
  ['limscale', ['Limescale']],
  ['grese burnt', ['Burnt-on grease']],
])('%s finds %j', async (text, expected) => {
  type(text);
  await waitFor(() => expect(offered()).toEqual(expected));
});

test('what nothing is called is said, and what is chosen by name only holds within one name', async () => {
  type('qwertz');
  expect(screen.getByText(/Nothing is called that/)).toBeTruthy();
  screen.unmount();
  // "limescale" and "hard water" are two names: no name is "limescale hard".
  type('le hard');
  await waitFor(() => expect(screen.getByText(/Nothing is called that/)).toBeTruthy());
});
