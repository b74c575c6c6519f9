import { act, fireEvent, screen, waitFor } from '@testing-library/react-native';
import { readHomeFile, writeHomeFile } from '@/core';
import { demoHome } from '@/data/demo/demoHome';
import { MemorySyncStorage } from '@/testing/memoryStorage';
import { elsewhere, renderIn, settle } from '@/testing/renderIn';
import { scentedHome } from '@/testing/scentedHome';
import { SettingsScreen } from './SettingsScreen';

const mockSaved: { name: string; text: string | Blob }[] = [];
const mockPush = jest.fn();
jest.mock('expo-router', () => ({ useRouter: () => ({ push: mockPush }) }));
let mockPicked: string | null = null;
jest.mock('@/data/files', () => ({
  saveFile: (name: string, text: string | Blob) => mockSaved.push({ name, text }),
  pickFile: () => Promise.resolve(mockPicked),
}));

const home = demoHome(new Date('2026-11-24T08:00:00Z'));

beforeEach(() => {
  mockSaved.length = 0;
  mockPicked = null;
});

describe('who lives here', () => {
  test('is told what at home is not right for them, as soon as they are ticked', async () => {
    await renderIn(<SettingsScreen />, scentedHome());
    await settle();
    expect(screen.queryByText(/not right for them/)).toBeNull();
    fireEvent.press(screen.getByLabelText('A cat'));
    await settle();
    expect(screen.getByText('One thing at home is not right for them')).toBeTruthy();
    expect(screen.getByText(/Mint spray: what to do stands on Today/)).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Someone with asthma'));
    await settle();
    expect(screen.getByText('2 things at home are not right for them')).toBeTruthy();
  });
});

describe('what is set', () => {
  test('is kept at once', async () => {
    const { store } = await renderIn(<SettingsScreen />);
    fireEvent.press(screen.getByLabelText('British, 284 mL'));
    await settle();
    fireEvent.press(screen.getByLabelText('Kitchen scale'));
    await settle();
    fireEvent.press(screen.getByLabelText('US ounces'));
    await settle();
    expect(await store.settings()).toMatchObject({
      units: 'us',
      cup: 'imperial',
      tools: ['cups', 'spoons', 'jug', 'scale'],
      dropsPerML: 20,
    });
  });

  test('drops per mL: what cannot be is said, and not kept', async () => {
    const { store } = await renderIn(<SettingsScreen />);
    const field = screen.getByTestId('drops-per-ml');
    for (const wrong of ['', 'many', '0', '900', '-20']) {
      fireEvent.changeText(field, wrong);
      expect(screen.getByText(/Droppers give 8 to 60/)).toBeTruthy();
    }
    await settle();
    expect((await store.settings()).dropsPerML).toBe(20);
    fireEvent.changeText(field, '24,5');
    await settle();
    expect(screen.queryByText(/Droppers give/)).toBeNull();
    expect((await store.settings()).dropsPerML).toBe(24.5);
  });
});

describe('the home’s file', () => {
  test('holds everything', async () => {
    await renderIn(<SettingsScreen />, home);
    fireEvent.press(screen.getByTestId('export'));
    await waitFor(() => expect(mockSaved).toHaveLength(1));
    expect(mockSaved[0]?.name).toBe('biscuit.json');
    const read = readHomeFile(await (mockSaved[0]!.text as Blob).text());
    expect(read.ok && read.value.batches).toEqual(home.batches);
  });

  test('is put in place only after it was asked, and can be undone', async () => {
    mockPicked = writeHomeFile({ ...home, batches: [] }, '2026-11-24T08:00:00.000Z');
    const { store } = await renderIn(<SettingsScreen />, home);
    fireEvent.press(screen.getByTestId('import'));
    await waitFor(() => expect(screen.getByText(/The file holds 3 formulas, 5 bottles, 0 batches/)).toBeTruthy());
    expect((await store.home()).batches).toHaveLength(home.batches.length);
    fireEvent.press(screen.getByTestId('confirm-replace'));
    await waitFor(() => expect(screen.getByText(/^Imported/)).toBeTruthy());
    expect((await store.home()).batches).toHaveLength(0);
    fireEvent.press(screen.getByText('Undo'));
    await settle();
    expect((await store.home()).batches).toEqual(home.batches);
  });

  test('that is broken is refused, and nothing changes', async () => {
    mockPicked = '{"format":"biscuit-home","version":1,"home":{}}';
    const { store } = await renderIn(<SettingsScreen />, home);
    fireEvent.press(screen.getByTestId('import'));
    await waitFor(() => expect(screen.getByText('Not imported; nothing here was changed.')).toBeTruthy());
    expect((await store.home()).batches).toEqual(home.batches);
  });

  test('removing everything asks first', async () => {
    const { store } = await renderIn(<SettingsScreen />, home);
    fireEvent.press(screen.getByTestId('clear'));
    expect(screen.getByText(/Export first if you may want them again/)).toBeTruthy();
    expect((await store.home()).formulas).toHaveLength(3);
    fireEvent.press(screen.getByTestId('confirm-replace'));
    await waitFor(() => expect(screen.getByText('Everything was removed.')).toBeTruthy());
    expect((await store.home()).formulas).toHaveLength(0);
  });

  test('what stands aside can be saved', async () => {
    const { storage, store } = await renderIn(<SettingsScreen />, home);
    storage.records.set('1/batch/x', '{');
    await act(async () => {
      await store.all('batch');
    });
    await waitFor(() => expect(screen.getByText('Save what stands aside')).toBeTruthy());
    fireEvent.press(screen.getByText('Save what stands aside'));
    expect(mockSaved[0]?.name).toBe('biscuit-aside.json');
    expect(mockSaved[0]?.text).toContain('1/batch/x');
  });

  test('what stands aside can be put back once it can be read', async () => {
    const { storage, store } = await renderIn(<SettingsScreen />, home);
    const [batch] = await store.all('batch');
    storage.records.set('aside/1/batch/x', JSON.stringify({ key: '1/batch/x', reason: 'once', raw: '{' }));
    const raw = JSON.stringify({ ...batch, id: 'y' });
    storage.records.set('1/batch/broken', '{');
    await act(async () => {
      await store.all('batch');
    });
    fireEvent.press(await screen.findByTestId('put-back'));
    expect(await screen.findByText('None of it can be read yet. It stays where it is.')).toBeTruthy();
    storage.records.set('aside/1/batch/y', JSON.stringify({ key: '1/batch/y', reason: 'once', raw }));
    fireEvent.press(screen.getByTestId('put-back'));
    expect(await screen.findByText('One record is back in place.')).toBeTruthy();
    expect((await store.all('batch')).map((b) => b.id)).toContain('y');
  });

  test('a change that is not written is said with its reason, and what is shown is what is kept', async () => {
    const { storage, store } = await renderIn(<SettingsScreen />, home);
    storage.full = true;
    fireEvent.press(screen.getByLabelText('A cat'));
    expect(await screen.findByText('Not saved: The disk is full. Free some space and try again.')).toBeTruthy();
    expect((await store.settings()).lives).not.toContain('cat');
    await waitFor(() =>
      expect(
        screen.getByLabelText('A cat').props.accessibilityState?.checked ??
          screen.getByLabelText('A cat').props['aria-checked'],
      ).toBe(false),
    );
    storage.full = false;
    fireEvent.press(screen.getByTestId('try-again'));
    await settle();
    expect((await store.settings()).lives).toEqual([...home.settings.lives, 'cat']);
    expect(screen.queryByText(/Not saved/)).toBeNull();
  });

  test('a field shows what is kept once it is left, and says what another tab made of it meanwhile', async () => {
    const { store } = await renderIn(<SettingsScreen />, home);
    const field = () => screen.getByTestId('drops-per-ml').props.value as string;
    fireEvent.changeText(screen.getByTestId('drops-per-ml'), '25.0');
    await settle();
    expect(field()).toBe('25.0');
    await act(() => store.write({ change: [{ collection: 'settings', id: 'settings', fields: { dropsPerML: 31 } }] }));
    await elsewhere();
    expect(screen.getByText('Changed in another tab to 31.')).toBeTruthy();
    expect(field()).toBe('25.0');
    fireEvent.press(screen.getByTestId('keep-mine'));
    await settle();
    expect([(await store.settings()).dropsPerML, screen.queryByText(/another tab/)]).toEqual([25, null]);
    await act(() => store.write({ change: [{ collection: 'settings', id: 'settings', fields: { dropsPerML: 32 } }] }));
    await elsewhere();
    fireEvent.press(screen.getByTestId('keep-theirs'));
    expect(field()).toBe('32');
    fireEvent.changeText(screen.getByTestId('drops-per-ml'), '20.0');
    await settle();
    fireEvent(screen.getByTestId('drops-per-ml'), 'blur');
    expect(field()).toBe('20');
  });

  test('an export is read back, and counts as a copy', async () => {
    const small = new MemorySyncStorage();
    small.setItem('test-backup', JSON.stringify({ since: '2026-11-01T08:00:00Z', changes: 3 }));
    await renderIn(<SettingsScreen />, home, undefined, small);
    expect(screen.getByTestId('copy-state')).toHaveTextContent(/3 changes so far, and no copy/);
    fireEvent.press(screen.getByTestId('export'));
    expect(await screen.findByText(/read back: it would bring back all of it/)).toBeTruthy();
    expect(screen.getByTestId('copy-state')).toHaveTextContent(
      'The last copy was saved today; nothing has changed since.',
    );
  });

  test('a copy can be tried: what would not come back is named, and nothing is changed', async () => {
    const { store } = await renderIn(<SettingsScreen />, home);
    const trial = async (text: string): Promise<void> => {
      mockPicked = text;
      fireEvent.press(screen.getByTestId('try-copy'));
      await settle();
    };
    await trial(writeHomeFile(home, '2026-11-24T08:00:00Z'));
    expect(screen.getByText('Yes: it would bring back everything that is here.')).toBeTruthy();
    await trial(writeHomeFile({ ...home, vessels: [] }, '2026-11-24T08:00:00Z'));
    expect(screen.getByText(/Made or changed since, and not in it: \d+ bottles\./)).toBeTruthy();
    await trial('{}');
    expect(screen.getByText(/^No: /)).toBeTruthy();
    expect((await store.home()).vessels).toHaveLength(home.vessels.length);
  });
});

describe('the home', () => {
  test('who lives here, its water and its schools are kept', async () => {
    const { store } = await renderIn(<SettingsScreen />);
    fireEvent.press(screen.getByLabelText('A cat'));
    await settle();
    fireEvent.press(screen.getByLabelText('Hard'));
    await settle();
    fireEvent.press(screen.getByLabelText(/Well diluted, under 0.3 %/));
    await settle();
    expect(await store.settings()).toMatchObject({
      lives: ['cat'],
      hardnessMgPerL: 150,
      schools: { 'vinegar-on-sealed-wood': 'diluted' },
    });
    fireEvent.press(screen.getByLabelText('A cat'));
    await settle();
    expect((await store.settings()).lives).toEqual([]);
  });

  test('a number that cannot be is said, and what was kept stays', async () => {
    const { store } = await renderIn(<SettingsScreen />);
    fireEvent.changeText(screen.getByTestId('roomC'), '200');
    await settle();
    expect(screen.getByText(/Give a number from -5 to 45/)).toBeTruthy();
    expect((await store.settings()).roomC).toBe(20);
    fireEvent.changeText(screen.getByTestId('roomC'), '17,5');
    await settle();
    expect((await store.settings()).roomC).toBe(17.5);
    // Not known is an answer too.
    fireEvent.changeText(screen.getByTestId('hardnessMgPerL'), '');
    await settle();
    expect((await store.settings()).hardnessMgPerL).toBeNull();
  });
});
