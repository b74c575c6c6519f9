import { fireEvent, screen, waitFor, within } from '@testing-library/react-native';
import { STARTER_FORMULAS, startTimer, type Formula, type Home, type HomeSurface, type Job } from '@/core';
import { demoHome } from '@/data/demo/demoHome';
import { readAnew, renderIn, settle } from '@/testing/renderIn';
import { slowDrafts } from '@/testing/slowDrafts';
import { CleanScreen } from './CleanScreen';
import { JobScreen } from './JobScreen';
import { PlanScreen } from './PlanScreen';
import { TimerScreen } from './TimerScreen';
import { TimersScreen } from './TimersScreen';

const mockPush = jest.fn();
let mockParams: Record<string, string> = {};
jest.mock('expo-router', () => ({
  useRouter: () => ({ push: mockPush, replace: mockPush }),
  useLocalSearchParams: () => mockParams,
}));
jest.mock('expo-keep-awake', () => ({
  activateKeepAwakeAsync: () => Promise.resolve(),
  deactivateKeepAwake: () => Promise.resolve(),
}));

const home = demoHome(new Date());

/** Starts the first way for a surface and a soil of the demo home, and gives the job back. */
async function started(surface: string, soil: string, from: Home = home): Promise<Job> {
  mockParams = { surface, soil };
  const { store, unmount } = await renderIn(<CleanScreen />, from);
  await settle();
  fireEvent.press(screen.getByTestId('start-way'));
  await settle();
  const job = (await store.all('job'))[0]!;
  unmount();
  return job;
}

const at = (job: Job, step: string): Job => ({
  ...job,
  parts: job.parts.map((p) => ({ ...p, at: p.steps.findIndex((s) => s.key === step) })),
});

beforeEach(() => mockPush.mockClear());

describe('what are you cleaning?', () => {
  test('a home without rooms can pick any surface', async () => {
    mockParams = {};
    await renderIn(<CleanScreen />);
    fireEvent.press(screen.getByTestId('other-surface'));
    fireEvent.press(screen.getByRole('radio', { name: 'Marble' }));
    expect(mockPush).toHaveBeenCalledWith('/clean?surface=any%3Amarble');
  });

  test('its own surfaces stand by room, the usual soil first', async () => {
    mockParams = {};
    await renderIn(<CleanScreen />, home);
    expect(screen.getByText('Shower room')).toBeTruthy();
    fireEvent.press(screen.getByRole('radio', { name: 'Grout' }));
    expect(mockPush).toHaveBeenCalledWith('/clean?surface=pipit-grout');
    mockParams = { surface: 'pipit-grout' };
    screen.unmount();
    await renderIn(<CleanScreen />, home);
    const usual = screen.getByLabelText('Usual soils');
    expect(within(usual).getAllByRole('radio')[0]).toHaveTextContent('Mould and mildew');
    // What such a surface hardly ever has stands behind a button, and is said to be so.
    expect(screen.queryByRole('radio', { name: 'Hard-water ring in a bowl' })).toBeNull();
    fireEvent.press(screen.getByTestId('other-soils'));
    fireEvent.press(screen.getByRole('radio', { name: 'Hard-water ring in a bowl' }));
    expect(mockPush).toHaveBeenLastCalledWith('/clean?surface=pipit-grout&soil=bowl-ring');
    mockParams = { surface: 'pipit-grout', soil: 'bowl-ring' };
    screen.unmount();
    await renderIn(<CleanScreen />, home);
    await settle();
    expect(screen.getByText(/Hardly ever on cement grout/)).toBeTruthy();
  });

  test('carpet and mould: no way, but who does it', async () => {
    mockParams = { surface: 'any:carpet', soil: 'mould' };
    await renderIn(<CleanScreen />, home);
    await settle();
    expect(screen.getByText('No way')).toBeTruthy();
    expect(screen.getAllByText(/a professional cleaner, or renew it/)).toHaveLength(1);
    expect(screen.queryByTestId('start-way')).toBeNull();
  });

  test('dusting takes no mixture: it is started, done and logged by its method', async () => {
    mockParams = { surface: 'pipit-rug', soil: 'dust' };
    const { store, unmount } = await renderIn(<CleanScreen />, { ...home, jobs: [], timers: [], log: [] });
    await settle();
    expect(screen.getByTestId('start-way')).toHaveTextContent('Start: Vacuum');
    fireEvent.press(screen.getByTestId('start-way'));
    await settle();
    const job = (await store.all('job'))[0]!;
    expect(job.parts[0]).toMatchObject({ formula: null, method: { id: 'vacuum' }, dwell: null });
    unmount();
    mockParams = { id: job.id };
    const guide = await renderIn(<JobScreen />, { ...home, timers: [], jobs: [job], log: [] });
    await settle();
    const press = async (id: string): Promise<void> => {
      fireEvent.press(screen.getByTestId(id));
      await settle();
    };
    for (let i = 0; i < 5 && screen.queryByTestId('log-done') === null; i++) await press('step-next');
    expect(screen.queryByRole('radio', { name: 'Rinsed' })).toBeNull();
    await press('log-done');
    expect((await guide.store.log()).entries[0]).toMatchObject({
      used: { kind: 'method', id: 'vacuum', name: 'Vacuum' },
      dwell: null,
      outcome: 'done',
    });
  });

  test('how it went here before stands on the way, and a spot takes less than all of it', async () => {
    const done = home.log.find((e) => e.surface.id === 'pipit-tile' && e.used.kind === 'formula')!;
    const rated = ['a', 'b'].map((id) => ({
      ...done,
      id,
      at: new Date().toISOString(),
      soil: { id: 'limescale', name: 'Limescale' },
      used: { ...done.used, id: 'starter-scum' },
      rating: { touch: 9, look: 8, smell: null, effort: null },
    }));
    mockParams = { surface: 'pipit-tile', soil: 'limescale' };
    const { store } = await renderIn(<CleanScreen />, { ...home, jobs: [], timers: [], log: rated });
    await settle();
    const scum = () => screen.getAllByTestId('way').find((way) => within(way).queryByText('Scum spray') !== null)!;
    expect(within(scum()).getByText('8.5 of 10 here, 2 times')).toBeTruthy();
    expect(within(scum()).getByText(/50 mL/)).toBeTruthy();
    fireEvent.press(screen.getByRole('radio', { name: 'A spot' }));
    expect(within(scum()).getByText(/5 mL/)).toBeTruthy();
    fireEvent.press(screen.getByTestId('start-way'));
    await settle();
    const { steps } = (await store.all('job'))[0]!.parts[0]!;
    expect(steps.find((s) => s.key === 'apply')?.text).toMatch(/About 5 mL\.$/);
  });

  test('marble and limescale: dry, and every acid is ruled out with its reason', async () => {
    mockParams = { surface: 'any:marble', soil: 'limescale' };
    await renderIn(<CleanScreen />, home);
    await settle();
    expect(screen.getByTestId('start-way')).toHaveTextContent('Start: Scrape softly, then dish soap');
    expect(screen.getByText('Would harm this surface')).toBeTruthy();
    expect(screen.getAllByText(/Its calcite dissolves in acid/).length).toBeGreaterThan(0);
  });

  test('what a person holds with for one surface alone decides there, and nowhere else', async () => {
    const thin: Formula = {
      ...STARTER_FORMULAS.find((f) => f.id === 'starter-everyday')!,
      keepOff: [],
      id: 'thin',
      name: 'Thin vinegar wash',
      lines: (['white-vinegar', 'water', 'dish-soap'] as const).map((id, i) => ({
        id: String(i),
        ingredient: { kind: 'known', id },
        amount: { kind: 'volume', value: { low: [10, 190, 1][i]!, high: [10, 190, 1][i]! }, unit: 'tbsp' },
      })),
    };
    const [table] = home.surfaces;
    const wood = (id: string, schools: HomeSurface['schools']): HomeSurface => ({
      ...table!,
      id,
      surfaceId: 'varnished-wood',
      schools,
    });
    const diluted = { 'vinegar-on-sealed-wood': 'diluted' };
    const surfaces = [wood('strict', {}), wood('lenient', diluted)];
    const offered = async (surface: string): Promise<boolean> => {
      mockParams = { surface, soil: 'daily-dirt' };
      const { unmount } = await renderIn(<CleanScreen />, { ...home, formulas: [thin], surfaces, log: [] });
      await settle();
      if (screen.queryByTestId('more-ways')) fireEvent.press(screen.getByTestId('more-ways'));
      const is = screen.queryAllByTestId('way').some((way) => within(way).queryByText('Thin vinegar wash') !== null);
      unmount();
      return is;
    };
    expect(await offered('strict')).toBe(false);
    expect(await offered('lenient')).toBe(true);
  });

  test('bleach left on the sealant stops every acid; the rinse is written into the log and lifts it', async () => {
    mockParams = { surface: 'pipit-sealant', soil: 'limescale' };
    const { store } = await renderIn(<CleanScreen />, home);
    await settle();
    expect(screen.getAllByTestId('stopped').length).toBeGreaterThan(0);
    expect(screen.queryByTestId('start-way')).toBeNull();
    fireEvent.press(screen.getAllByTestId('rinsed-now')[0]!);
    await settle();
    await waitFor(() => expect(screen.queryByTestId('stopped')).toBeNull());
    expect(screen.getByTestId('start-way')).toBeTruthy();
    const entry = (await store.log()).entries.find((e) => e.id === 'pipit-log-bought');
    expect(entry?.rinsedAt).not.toBeNull();
    expect(entry?.history).toHaveLength(1);
  });

  test('a full disk is said, and nothing is started', async () => {
    mockParams = { surface: 'pipit-tile', soil: 'limescale' };
    const { storage, store } = await renderIn(<CleanScreen />, home);
    await settle();
    storage.full = true;
    fireEvent.press(screen.getByTestId('start-way'));
    await waitFor(() => expect(screen.getByText(/Not started: The disk is full/)).toBeTruthy());
    expect(await store.all('job')).toEqual([]);
  });
});

describe('the guide', () => {
  test('a failed spot test ends in an entry that says so, and nothing is put on', async () => {
    const job = at(await started('pipit-tray', 'limescale'), 'spot-test');
    mockParams = { id: job.id };
    const { store } = await renderIn(<JobScreen />, { ...home, jobs: [job] });
    fireEvent.press(screen.getByTestId('spot-failed'));
    await settle();
    fireEvent.press(screen.getByTestId('log-done'));
    await settle();
    const entry = (await store.log()).entries[0]!;
    expect(entry).toMatchObject({ outcome: 'stopped', surface: { id: 'pipit-tray' } });
    expect(entry.dwell?.endedBecause).toBe('the spot test failed');
    expect(await store.all('job')).toEqual([]);
  });

  test('bleach logged since the job began stops it before it goes on', async () => {
    const job = at(await started('pipit-tile', 'limescale'), 'apply');
    const bleach = home.log.find((e) => e.id === 'pipit-log-bought')!;
    const onTile = { ...bleach, id: 'later', surface: { ...bleach.surface, id: 'pipit-tile', name: 'Wall tiles' } };
    mockParams = { id: job.id };
    const { store } = await renderIn(<JobScreen />, { ...home, timers: [], jobs: [job], log: [onTile] });
    await settle();
    fireEvent.press(screen.getByTestId('step-next'));
    await settle();
    expect(await store.all('timer')).toEqual([]);
    fireEvent.press(screen.getAllByTestId('rinsed-now')[0]!);
    await settle();
    fireEvent.press(screen.getByTestId('step-next'));
    await settle();
    expect(await store.all('timer')).toHaveLength(1);
  });

  test('what it is usually done with is offered first', async () => {
    const surfaces = home.surfaces.map((s) =>
      s.id === 'pipit-tile' ? { ...s, upkeep: { everyDays: 7, soilId: 'limescale', formulaId: 'starter-scum' } } : s,
    );
    mockParams = { surface: 'pipit-tile', soil: 'limescale' };
    await renderIn(<CleanScreen />, { ...home, surfaces });
    await settle();
    expect(screen.getByTestId('start-way')).toHaveTextContent('Start: Scum spray');
  });

  test('the time starts when it is on; wetted and ended, the entry keeps how it went', async () => {
    const job = at(await started('pipit-tile', 'limescale'), 'apply');
    mockParams = { id: job.id };
    const { store } = await renderIn(<JobScreen />, { ...home, timers: [], jobs: [job] });
    fireEvent.press(screen.getByTestId('step-next'));
    await settle();
    const timer = (await store.all('timer'))[0]!;
    expect(timer).toMatchObject({ kind: 'dwell', jobId: job.id, bestMinutes: job.parts[0]!.dwell!.bestMinutes });
    expect(screen.getByTestId('timer-face')).toBeTruthy();
    fireEvent.press(screen.getByTestId('take-off'));
    fireEvent.press(screen.getByRole('radio', { name: 'It dried out' }));
    await settle();
    const part = (await store.all('job'))[0]!.parts[0]!;
    expect(part.steps[part.at]?.key).toBe('agitate');
    expect(part.dwelt?.endReason).toBe('dried-out');
  });

  test('a wait seen as ended before its end has come back from the disk: the guide goes on all the same', async () => {
    const job = at(await started('pipit-tile', 'limescale'), 'apply');
    mockParams = { id: job.id };
    const { store } = await renderIn(<JobScreen />, { ...home, timers: [], jobs: [job] });
    fireEvent.press(screen.getByTestId('step-next'));
    await settle();
    const update = store.update.bind(store);
    let comeBack: () => void = () => undefined;
    const held = new Promise<void>((resolve) => (comeBack = resolve));
    const slow = jest.spyOn(store, 'update').mockImplementation(async (...change) => {
      const written = await update(...change);
      await held;
      return written;
    });
    fireEvent.press(screen.getByTestId('take-off'));
    fireEvent.press(screen.getByRole('radio', { name: 'It dried out' }));
    // An alarm that was told just then has all waits read anew.
    await waitFor(async () => expect((await store.all('timer'))[0]!.endedAt).not.toBeNull());
    await readAnew();
    await screen.findByText('It is off: next');
    slow.mockRestore();
    comeBack();
    await settle();
    const part = (await store.all('job'))[0]!.parts[0]!;
    expect(part.steps[part.at]?.key).toBe('agitate');
    expect(part.dwelt?.endReason).toBe('dried-out');
  });

  test('a wait that could not be ended for a full disk: tried again, the guide goes on', async () => {
    const job = at(await started('pipit-tile', 'limescale'), 'apply');
    mockParams = { id: job.id };
    const { store, storage } = await renderIn(<JobScreen />, { ...home, timers: [], jobs: [job] });
    fireEvent.press(screen.getByTestId('step-next'));
    await settle();
    storage.full = true;
    fireEvent.press(screen.getByTestId('take-off'));
    fireEvent.press(screen.getByRole('radio', { name: 'It dried out' }));
    await settle();
    expect(screen.getByTestId('timer-face')).toBeTruthy();
    storage.full = false;
    fireEvent.press(screen.getByTestId('try-again'));
    await settle();
    const part = (await store.all('job'))[0]!.parts[0]!;
    expect(part.steps[part.at]?.key).toBe('agitate');
  });

  test('pressed twice by a wet thumb: one step on, and one wait', async () => {
    const job = at(await started('pipit-tile', 'limescale'), 'clear');
    mockParams = { id: job.id };
    const { store } = await renderIn(<JobScreen />, { ...home, timers: [], jobs: [job] });
    const twice = async (): Promise<void> => {
      const press = screen.getByTestId('step-next').props as { onClick: (e: object) => void };
      const event = { stopPropagation: () => undefined, preventDefault: () => undefined };
      press.onClick(event);
      press.onClick(event);
      await settle();
    };
    await twice();
    const steps = job.parts[0]!.steps.map((s) => s.key);
    const stepNow = async (): Promise<string | undefined> => steps[(await store.all('job'))[0]!.parts[0]!.at];
    expect(await stepNow()).toBe(steps[1]);
    for (let now = await stepNow(); now !== 'apply'; now = await stepNow()) {
      fireEvent.press(screen.getByTestId(now === 'make' ? 'is-made' : 'step-next'));
      await settle();
    }
    await twice();
    expect(await store.all('timer')).toHaveLength(1);
    expect(await stepNow()).toBe('dwell');
  });

  test('nothing is noted at the last look before what was noted there is read', async () => {
    const job = at(await started('pipit-tile', 'limescale'), 'inspect');
    mockParams = { id: job.id };
    const drafts = slowDrafts();
    try {
      await renderIn(<JobScreen />, { ...home, jobs: [job], log: [] });
      expect(drafts.asked()).toBeGreaterThan(0);
      expect(screen.queryByTestId('log-done')).toBeNull();
      drafts.come();
      await screen.findByTestId('log-done');
    } finally {
      drafts.restore();
    }
  });

  describe('what a job uses', () => {
    const [spray] = home.batches;
    const partOf = (job: Job, usesML: number): Job => ({
      ...job,
      parts: job.parts.map((p) => ({ ...p, formula: spray!.formula, usesML })),
    });
    const leftIn = (batches: readonly { id: string; leftML?: number }[]) =>
      batches.find((b) => b.id === spray!.id)?.leftML;

    test('goes out of its bottle by itself, and the last of it is said', async () => {
      const full = { ...spray!, leftML: 150 };
      const job = partOf(at(await started('pipit-tile', 'limescale'), 'inspect'), 80);
      mockParams = { id: job.id };
      const { store } = await renderIn(<JobScreen />, { ...home, batches: [full], jobs: [job], log: [] });
      fireEvent.press(screen.getByTestId('log-repeat'));
      await settle();
      expect(leftIn(await store.all('batch'))).toBe(70);
      expect(screen.getByText(/Porthole glass in Galley spray: about 70 mL left, the last of it/)).toBeTruthy();
    });

    test('is none where the spot test failed', async () => {
      const started1 = partOf(at(await started('pipit-tile', 'limescale'), 'inspect'), 80);
      const dwelt = { tookMinutes: 1, rewets: 0, endReason: 'spot-test-failed' as const };
      const job = { ...started1, parts: started1.parts.map((p) => ({ ...p, dwelt })) };
      mockParams = { id: job.id };
      const { store } = await renderIn(<JobScreen />, { ...home, jobs: [job], log: [] });
      fireEvent.press(screen.getByTestId('log-done'));
      await settle();
      expect(leftIn(await store.all('batch'))).toBe(spray!.leftML);
    });

    test('mixed in a bowl by its list, it goes from the cupboard, and back by undo', async () => {
      const job = at(await started('pipit-grout', 'mould'), 'make');
      const { formula, amount } = job.parts[0]!;
      const pantry = formula!.lines.flatMap((l) =>
        l.ingredient.kind === 'known'
          ? [{ id: l.ingredient.id, left: { value: 5000, unit: 'g' as const }, pack: null }]
          : [],
      );
      expect(amount).not.toBeNull();
      mockParams = { id: job.id };
      const { store } = await renderIn(<JobScreen />, { ...home, pantry, jobs: [job], log: [] });
      fireEvent.press(await screen.findByTestId('is-made'));
      await settle();
      const after = await store.all('pantry');
      expect(after.some((i) => (i.left?.value ?? 0) < 5000)).toBe(true);
      expect(screen.getByText(/^From the cupboard: /)).toBeTruthy();
      fireEvent.press(screen.getByText('Undo'));
      await settle();
      expect((await store.all('pantry')).map((i) => i.left?.value)).toEqual(pantry.map(() => 5000));
    });
  });

  test('once more goes back to the wetting, with an entry for the first time', async () => {
    const job = at(await started('pipit-tile', 'limescale'), 'inspect');
    mockParams = { id: job.id };
    const { store } = await renderIn(<JobScreen />, { ...home, jobs: [job], log: [] });
    fireEvent.press(screen.getByRole('radio', { name: 'Touch 4' }));
    fireEvent.press(screen.getByTestId('log-repeat'));
    await settle();
    expect((await store.log()).entries).toHaveLength(1);
    expect((await store.log()).entries[0]).toMatchObject({ outcome: 'repeat', rating: { touch: 4 } });
    expect(screen.getByText('Put it on')).toBeTruthy();
  });

  test('step up writes it down and leads back to the ways', async () => {
    const job = at(await started('pipit-tile', 'limescale'), 'inspect');
    mockParams = { id: job.id };
    const { store } = await renderIn(<JobScreen />, { ...home, jobs: [job], log: [] });
    fireEvent.press(screen.getByTestId('log-step-up'));
    await settle();
    expect((await store.log()).entries[0]?.outcome).toBe('step-up');
    const { method, formula } = job.parts[0]!;
    const used = `method=${method!.id}&formula=${formula!.id}`;
    expect(mockPush).toHaveBeenCalledWith(`/clean?surface=pipit-tile&soil=limescale&${used}`);
  });

  test('after a step up what goes one step further is chosen, and what was tried is still there', async () => {
    mockParams = { surface: 'pipit-tile', soil: 'limescale' };
    const { unmount } = await renderIn(<CleanScreen />, { ...home, log: [] });
    await settle();
    const first = screen.getByTestId('start-way').props['aria-label'] ?? '';
    unmount();
    const [part] = (await started('pipit-tile', 'limescale')).parts;
    mockParams = { ...mockParams, method: part!.method!.id, formula: part!.formula!.id };
    await renderIn(<CleanScreen />, { ...home, log: [] });
    await settle();
    expect(screen.getByTestId('start-way')).not.toHaveTextContent(`Start: ${part!.formula!.name}`);
    expect(first).not.toBe(screen.getByTestId('start-way').props['aria-label']);
    expect(screen.getAllByText(part!.formula!.name).length).toBeGreaterThan(0);
  });

  test('a job that is gone says so', async () => {
    mockParams = { id: 'nothing' };
    await renderIn(<JobScreen />, home);
    expect(screen.getByText('No job here')).toBeTruthy();
  });

  test('a job of several parts starts them all, the tub after the tiles; left out, nothing waits for it', async () => {
    mockParams = { plan: 'bathroom-weekly', room: 'pipit-shower' };
    const { store } = await renderIn(<PlanScreen />, { ...home, log: [] });
    await settle();
    expect(screen.getAllByTestId('planned-part')).toHaveLength(4);
    fireEvent.press(screen.getByTestId('change-part-0'));
    fireEvent.press(screen.getByTestId('leave-out-0'));
    fireEvent.press(screen.getByTestId('start-plan'));
    await settle();
    const job = (await store.all('job'))[0]!;
    expect(job.parts.map((p) => p.place.name)).toEqual(['Wall tiles', 'Taps', 'Shower tray']);
    expect(job.parts[2]?.afterId).toBe(job.parts[0]?.id);
    expect(job.parts[1]?.afterId).toBeNull();
  });

  test('a job of one’s own: a part is added, it is kept under its name, and removed with undo', async () => {
    mockParams = {};
    const { store, unmount } = await renderIn(<PlanScreen />, { ...home, log: [] });
    await settle();
    expect(screen.getByText(/Nothing in it yet/)).toBeTruthy();
    for (const [surface, soil] of [
      ['Mirror, Shower room', 'Fingerprints and film on glass'],
      ['Hob, Galley', 'Fresh grease'],
    ] as const) {
      fireEvent.press(screen.getByTestId('add-part'));
      fireEvent.press(screen.getByRole('radio', { name: surface }));
      fireEvent.press(screen.getByRole('radio', { name: soil }));
      await settle();
    }
    fireEvent.press(screen.getByTestId('keep-plan'));
    fireEvent.press(screen.getByTestId('save-plan'));
    expect(screen.getByText(/Give the job a name/)).toBeTruthy();
    fireEvent.changeText(screen.getByTestId('plan-name'), 'Friday round');
    fireEvent.press(screen.getByTestId('save-plan'));
    await settle();
    const kept = await store.all('plan');
    expect(kept).toMatchObject([
      {
        name: 'Friday round',
        parts: [
          { surfaceId: 'pipit-mirror', soilId: 'fingerprints' },
          { surfaceId: 'pipit-hob', soilId: 'fresh-grease' },
        ],
      },
    ]);
    unmount();
    mockParams = { own: kept[0]!.id };
    const again = await renderIn(<PlanScreen />, { ...home, log: [], plans: kept });
    await settle();
    expect(screen.getAllByTestId('planned-part')).toHaveLength(2);
    fireEvent.press(screen.getByTestId('remove-plan'));
    await settle();
    expect(await again.store.all('plan')).toEqual([]);
    fireEvent.press(screen.getByText('Undo'));
    await settle();
    expect(await again.store.all('plan')).toEqual(kept);
  });

  test('hours on it are chosen before it begins, and the words go with them', async () => {
    const job = at(await started('any:toilet-bowl', 'bowl-ring'), 'apply');
    mockParams = { id: job.id };
    const { store } = await renderIn(<JobScreen />, { ...home, timers: [], jobs: [job] });
    fireEvent.press(screen.getByRole('radio', { name: '12 h' }));
    fireEvent.press(screen.getByTestId('step-next'));
    await settle();
    expect((await store.all('timer'))[0]).toMatchObject({ kind: 'soak', bestMinutes: 720 });
    expect((await store.all('job'))[0]?.parts[0]?.dwell?.bestMinutes).toBe(720);
    expect(screen.getByText('Leave it 12 hours.')).toBeTruthy();
  });

  test('what is to be minded stands at its step, with what helps where it goes wrong', async () => {
    const job = at(await started('any:thermos', 'tannin', { ...home, batches: [], pantry: [] }), 'make');
    mockParams = { id: job.id };
    await renderIn(<JobScreen />, { ...home, jobs: [job] });
    expect(within(screen.getByTestId('mind')).getByText(/cannot be kept/)).toBeTruthy();
    // As much of each as this job takes.
    expect(screen.getByText(/\d+(\.\d+)? g oxygen bleach/)).toBeTruthy();
    fireEvent.press(screen.getByTestId('step-next'));
    expect(mockPush).toHaveBeenCalledWith(`/mix/${job.parts[0]!.formula!.id}?job=${job.id}&part=${job.parts[0]!.id}`);
  });
});

describe('waits of one’s own', () => {
  test('wrong minutes are said and kept; a soak overnight says when it is best', async () => {
    mockParams = {};
    const { store } = await renderIn(<TimersScreen />);
    fireEvent.changeText(screen.getByTestId('timer-minutes'), 'soon');
    expect(screen.getByText(/Give a number from 1 to 86 400/)).toBeTruthy();
    expect(screen.getByTestId('timer-minutes').props.value).toBe('soon');
    fireEvent.press(screen.getByRole('radio', { name: 'Soak overnight' }));
    expect(screen.getByText(/Of use after 4 h, best 8 h/)).toBeTruthy();
    fireEvent.press(screen.getByTestId('start-timer'));
    await settle();
    expect((await store.all('timer'))[0]).toMatchObject({ kind: 'soak', bestMinutes: 480, mustComeOff: false });
  });

  test('peel in vinegar is not waited for where a bird lives; elsewhere it ends at its own formula', async () => {
    mockParams = { kind: 'infusion' };
    const aboard = await renderIn(<TimersScreen />, { ...home, timers: [] });
    await settle();
    expect(screen.getByText(/infused vinegar can poison birds/)).toBeTruthy();
    fireEvent.press(screen.getByTestId('start-timer'));
    await settle();
    expect(await aboard.store.all('timer')).toEqual([]);
    // Another jar is: so many days, as typed.
    fireEvent.press(screen.getByRole('radio', { name: 'Another jar, in days' }));
    fireEvent.changeText(screen.getByTestId('timer-minutes'), '90');
    expect(screen.getByText(/days from 1 to 60/)).toBeTruthy();
    fireEvent.changeText(screen.getByTestId('timer-minutes'), '10,5');
    fireEvent.press(screen.getByTestId('start-timer'));
    await settle();
    expect((await aboard.store.all('timer'))[0]).toMatchObject({ kind: 'infusion', bestMinutes: 10.5 * 24 * 60 });
    aboard.unmount();

    const ashore = { ...home, timers: [], settings: { ...home.settings, lives: [] } };
    const { store, unmount } = await renderIn(<TimersScreen />, ashore);
    await settle();
    fireEvent.press(screen.getByTestId('start-timer'));
    await settle();
    const timer = (await store.all('timer'))[0]!;
    expect(timer).toMatchObject({ kind: 'infusion', usefulMinutes: 14 * 24 * 60 });
    unmount();
    mockParams = { id: timer.id };
    await renderIn(<TimerScreen />, { ...ashore, timers: [timer] });
    fireEvent.press(screen.getByTestId('end-timer'));
    await settle();
    expect(mockPush).toHaveBeenLastCalledWith('/mix/starter-peel');
  });

  test('ended, it is gone, and undo brings it back as it was', async () => {
    const timer = startTimer(
      { id: 't', kind: 'own', name: 'Wait', place: 'Tub', usefulMinutes: 5, bestMinutes: 5, longestMinutes: 10 },
      new Date().toISOString(),
    );
    mockParams = { id: 't' };
    const { store } = await renderIn(<TimerScreen />, { ...home, timers: [timer] });
    fireEvent.press(screen.getByTestId('longer'));
    await settle();
    expect((await store.all('timer'))[0]?.bestMinutes).toBe(6);
    fireEvent.press(screen.getByTestId('end-timer'));
    await settle();
    expect(await store.all('timer')).toEqual([]);
    fireEvent.press(screen.getByText('Undo'));
    await settle();
    expect((await store.all('timer'))[0]?.bestMinutes).toBe(6);
  });
});
