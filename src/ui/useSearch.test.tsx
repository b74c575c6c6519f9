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
  ['limesacle', ['Limescale']],
  ['grese burnt', ['Burnt-on grease']],
])('%s finds %j', async (text, expected) => {
  type(text);
  await waitFor(() => expect(offered()).toEqual(expected));
});

test('a name comes before what begins with it, and what only holds it within is left out beside them', async () => {
  const rows = [
    { id: 'tape', name: 'Tape', names: ['label'] },
    { id: 'mixer', name: 'Chrome', names: ['mixer tap'] },
    { id: 'tap', name: 'Brass', names: ['tap'] },
    { id: 'tapestry', name: 'Staple', names: [] },
  ];
  render(<Picker title="Which?" all={rows} open chosen="" onClose={() => undefined} onChoose={() => undefined} />);
  fireEvent.changeText(screen.getByLabelText('Type to find'), 'tap');
  await waitFor(() => expect(offered()).toEqual(['Brass', 'Tape', 'Chrome']));
  fireEvent.changeText(screen.getByLabelText('Type to find'), 'aple');
  await waitFor(() => expect(offered()).toEqual(['Staple']));
});

test('what a phrase means stands first, and some of its words are better than none', async () => {
  const meant = (text: string) => SOILS.filter((s) => s.id === 'soap-scum' && text === 'the scummy stuff');
  render(
    <Picker
      title="Which?"
      all={SOILS}
      open
      chosen=""
      onClose={() => undefined}
      onChoose={() => undefined}
      meant={meant}
    />,
  );
  fireEvent.changeText(screen.getByLabelText('Type to find'), 'the scummy stuff');
  await waitFor(() => expect(offered()[0]).toBe('Soap scum'));
  fireEvent.changeText(screen.getByLabelText('Type to find'), 'kettle limescale');
  await waitFor(() => expect(offered()).toEqual(['Limescale']));
});

test('what nothing is called is said', () => {
  type('qwertz');
  expect(screen.getByText(/Nothing is called that/)).toBeTruthy();
});
