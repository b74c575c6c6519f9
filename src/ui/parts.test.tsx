import { fireEvent, render, screen } from '@testing-library/react-native';
import type { Finding, LabelContent } from '@/core';
import { BottleDrawing } from './BottleDrawing';
import { FindingCard, VerdictBanner } from './FindingCard';
import { LabelCard } from './LabelCard';
import { errorText, figureText, massText, formatNumber, volumeText } from './numbers';
import { scallopPath } from './scallop';
import { TAPE_HEIGHT, TAPE_STEP, tapeHeights } from './tapeHeights';
import { LEVEL_INK, LEVEL_TINT, LEVEL_WORD } from './VerdictMark';
import { COLORS } from './theme';

const finding: Finding = {
  code: 'soap-curdles',
  level: 'defeats',
  scope: 'stored',
  subjects: ['castile soap', 'vinegar'],
  happens: 'Castile soap and vinegar: a curd.',
  why: 'Soap is a salt.',
  figures: { curdledPercent: 100 },
  instead: 'Take dish soap.',
  sources: [],
};

describe('a finding', () => {
  test('that cancels out says at once what to do instead; the reason is one tap deeper', () => {
    render(<FindingCard finding={finding} sources={['A handbook']} />);
    expect(screen.getByText('Cancels out')).toBeTruthy();
    expect(screen.getByText(/Take dish soap/)).toBeTruthy();
    expect(screen.queryByText('Soap is a salt.')).toBeNull();
    fireEvent.press(screen.getByRole('button'));
    expect(screen.getByText('Soap is a salt.')).toBeTruthy();
    expect(screen.getByText('Curdled: 100 %')).toBeTruthy();
    expect(screen.getByText('Source: A handbook.')).toBeTruthy();
  });

  test('to mind is one sentence until it is tapped', () => {
    render(<FindingCard finding={{ ...finding, level: 'caution' }} sources={[]} />);
    expect(screen.queryByText(/Take dish soap/)).toBeNull();
    fireEvent.press(screen.getByRole('button'));
    expect(screen.getByText(/Take dish soap/)).toBeTruthy();
  });
});

test.each(['danger', 'defeats', 'caution', 'clear'] as const)('the verdict %s is written out as a word', (level) => {
  render(<VerdictBanner level={level} saying="So it is." />);
  expect(screen.getByText(LEVEL_WORD[level])).toBeTruthy();
});

describe('contrast', () => {
  const luminance = (hex: string): number => {
    const [r, g, b] = [1, 3, 5]
      .map((i) => parseInt(hex.slice(i, i + 2), 16) / 255)
      .map((c) => (c <= 0.03928 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4)) as [number, number, number];
    return 0.2126 * r + 0.7152 * g + 0.0722 * b;
  };
  const contrast = (a: string, b: string): number => {
    const [light, dark] = [luminance(a), luminance(b)].sort((x, y) => y - x) as [number, number];
    return (light + 0.05) / (dark + 0.05);
  };

  // WCAG 2.2, success criterion 1.4.3: at least 4.5 to 1 for text.
  test.each([
    ['ink on paper', COLORS.ink, COLORS.paper],
    ['soft ink on paper', COLORS.inkSoft, COLORS.paper],
    ['soft ink on the caution tint', COLORS.inkSoft, COLORS.cautionTint],
    ['action on its tint', COLORS.action, COLORS.actionTint],
    ['words on the action', COLORS.actionInk, COLORS.action],
    ['tape', COLORS.tapeInk, COLORS.tape],
    ...(['danger', 'defeats', 'caution', 'clear'] as const).flatMap((l) => [
      [`${l} on its tint`, LEVEL_INK[l], LEVEL_TINT[l]],
      [`${l} on a sheet`, LEVEL_INK[l], COLORS.sheet],
      [`${l} on paper`, LEVEL_INK[l], COLORS.paper],
    ]),
  ])('%s', (_, ink, ground) => {
    expect(contrast(ink, ground)).toBeGreaterThanOrEqual(4.5);
  });
});

describe('numbers as they are read', () => {
  test.each([
    [225.4, '225'],
    [12.34, '12.3'],
    [0.625, '0.63'],
    [1234.5, '1,235'],
  ])('%d is %s', (value, expected) => {
    expect(formatNumber(value)).toBe(expected);
  });

  test('with their units', () => {
    expect([volumeText(225), volumeText(4500), massText(46), massText(1500)]).toEqual([
      '225 mL',
      '4.5 L',
      '46 g',
      '1.5 kg',
    ]);
    expect([volumeText(236.588, 'us'), massText(28.3495, 'us')]).toEqual(['8 fl oz', '1 oz']);
    expect([errorText(0.01), errorText(2.21), errorText(-11.1)]).toEqual(['exact', '+2.2 %', '−11.1 %']);
    expect(figureText('carbonDioxideML', 4960)).toBe('Carbon dioxide: 4,960 mL');
    expect(figureText('alcoholPercentVV', 23.3)).toBe('Alcohol: 23 % v/v');
    expect(figureText('flashPointLowC', 28)).toBe('Flash point low: 28 °C');
  });
});

test('a biscuit’s edge is one closed line of arcs', () => {
  const path = scallopPath(24, 24, 18, 14);
  expect(path.match(/A/g)).toHaveLength(14);
  expect(path.endsWith('Z')).toBe(true);
});

describe('the bottle', () => {
  // A straight tube of 100 mm: every height in mm is its share of the drawing.
  const tube = [
    { heightMM: 0, diameterMM: 50 },
    { heightMM: 100, diameterMM: 50 },
  ];
  const layer = (key: string, name: string, topMM: number | null, levelML: number) => ({
    key,
    name,
    ingredientId: 'water',
    form: 'liquid' as const,
    topMM,
    levelML,
  });
  const draw = (layers: ReturnType<typeof layer>[]) =>
    render(<BottleDrawing profile={tube} top="open" layers={layers} width={358} height={300} />);

  test('has a tape at each mark, and none for a few drops', () => {
    draw([
      layer('1', 'water', 40, 78.5),
      layer('2', 'white vinegar', 80, 157),
      layer('3', 'lavender oil', null, 157.3),
    ]);
    const drawing = JSON.stringify(screen.toJSON());
    expect(drawing).toContain('79 mL · 40 mm');
    expect(drawing).toContain('157 mL · 80 mm');
    expect(drawing).not.toContain('lavender oil');
  });

  test('says in words what it shows', () => {
    draw([layer('1', 'water', 40, 78.5)]);
    expect(screen.getByTestId('bottle').props['aria-label']).toBe(
      'The bottle. water to 79 mL, 40 mm high. The rest stays empty.',
    );
  });

  test('keeps close marks apart enough to be read, in their order, and none above the drawing', () => {
    const base = 292;
    expect(tapeHeights([200, 120], base)).toEqual([200, 120]);
    expect(tapeHeights([200, 199, 150], base)).toEqual([200, 200 - TAPE_STEP, 200 - 2 * TAPE_STEP]);
    const crowded = tapeHeights([40, 30, 25], base);
    expect(Math.min(...crowded)).toBe(TAPE_HEIGHT);
    expect(crowded.map((y, i) => (crowded[i - 1] ?? y + TAPE_STEP) - y)).toEqual([TAPE_STEP, TAPE_STEP, TAPE_STEP]);
  });
});

describe('a label', () => {
  const label: LabelContent = {
    name: 'Porthole glass',
    purpose: 'Portholes',
    never: 'brass',
    contents: ['distilled water', 'rubbing alcohol'],
    strengths: [{ of: 'alcohol', percent: 23.3, basis: 'v/v' }],
    cautions: ['It can catch fire.'],
    keeps: { lowDays: 180, highDays: 365, reason: 'alcohol keeps it' },
    shake: false,
  };
  const props = {
    label,
    madeAt: '2026-11-15T08:00:00Z',
    discardBy: '2027-05-14T08:00:00Z',
    volumeML: 337.5,
    bottle: 'Galley spray',
  };

  test('whole, says everything that must stand on the bottle', () => {
    render(<LabelCard whole {...props} />);
    for (const words of [
      /Porthole glass/,
      /338 mL/,
      /brass/,
      /distilled water, rubbing alcohol \(alcohol 23 % v\/v\)/,
      /catch fire/,
      /Keep from children/,
      /15 Nov 2026/,
      /14 May 2027/,
    ]) {
      expect(screen.getByText(words)).toBeTruthy();
    }
  });

  test('past its day, says to pour it away', () => {
    render(<LabelCard past {...props} />);
    expect(screen.getByText(/Past its day/)).toBeTruthy();
  });

  test('of what is used at once, gives no day', () => {
    render(<LabelCard {...props} label={{ ...label, keeps: { lowDays: 0, highDays: 0, reason: '' } }} />);
    expect(screen.getByText('used at once')).toBeTruthy();
  });
});
