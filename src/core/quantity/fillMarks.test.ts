import fc from 'fast-check';
import { VESSEL_SHAPES } from '../catalogue/vessels';
import {
  brimfulML,
  diameterAtMM,
  heightByPouringMM,
  heightOfVolumeMM,
  profileByPouring,
  profileOfCapacity,
  volumeToHeightML,
  type Profile,
} from './fillMarks';

const cylinder: Profile = [
  { heightMM: 0, diameterMM: 60 },
  { heightMM: 200, diameterMM: 60 },
];

describe('fill marks', () => {
  // Geometry: a cylinder of 60 mm inner diameter holds π·3²·10 = 282.7 mL per 100 mm.
  test('a cylinder', () => {
    expect(volumeToHeightML(cylinder, 100)).toBeCloseTo(282.743, 2);
    expect(heightOfVolumeMM(cylinder, 250)).toBeCloseTo(88.42, 1);
  });

  // Geometry: a cone is a third of its cylinder.
  test('a cone', () => {
    const cone: Profile = [
      { heightMM: 0, diameterMM: 0 },
      { heightMM: 100, diameterMM: 60 },
    ];
    expect(brimfulML(cone)).toBeCloseTo(282.743 / 3, 2);
    expect(volumeToHeightML(cone, 50)).toBeCloseTo(282.743 / 3 / 8, 3);
  });

  // Outside check: the sum of frustums against a fine slicing of the same profile into discs.
  test.each(VESSEL_SHAPES.map((s) => [s.id, s] as const))('%s holds what thin discs add up to', (_, shape) => {
    const top = shape.profile.at(-1)!.heightMM;
    const slices = 20_000;
    let sum = 0;
    for (let i = 0; i < slices; i++) {
      const at = ((i + 0.5) * top) / slices;
      const above = shape.profile.findIndex((p) => p.heightMM >= at);
      const a = shape.profile[above - 1]!;
      const b = shape.profile[above]!;
      const d = a.diameterMM + ((at - a.heightMM) / (b.heightMM - a.heightMM)) * (b.diameterMM - a.diameterMM);
      sum += (Math.PI * (d / 2) ** 2 * (top / slices)) / 1000;
    }
    expect(brimfulML(shape.profile) / sum).toBeCloseTo(1, 4);
    // The common size it was drawn from, within a tenth.
    expect(brimfulML(shape.profile) / shape.usualML).toBeGreaterThan(0.9);
    expect(brimfulML(shape.profile) / shape.usualML).toBeLessThan(1.15);
  });

  test('height and volume undo each other, in every shape and size', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...VESSEL_SHAPES),
        fc.integer({ min: 20, max: 5000 }),
        fc.double({ min: 0.01, max: 0.99, noNaN: true }),
        (shape, capacityML, share) => {
          const profile = profileOfCapacity(shape.profile, capacityML);
          expect(brimfulML(profile)).toBeCloseTo(capacityML, 4);
          const height = heightOfVolumeMM(profile, share * capacityML);
          expect(Math.abs(volumeToHeightML(profile, height) - share * capacityML)).toBeLessThan(0.05);
        },
      ),
    );
  });

  test('a vessel calibrated by pouring is read between its marks', () => {
    const scale = [
      { volumeML: 100, heightMM: 20 },
      { volumeML: 300, heightMM: 50 },
    ];
    expect(heightByPouringMM(scale, 50)).toBe(10);
    expect(heightByPouringMM(scale, 200)).toBe(35);
    expect(heightByPouringMM(scale, 999)).toBe(50);
  });
});

describe('a profile drawn from pouring', () => {
  // 100 mL over 25 mm is an area of 4000 mm², 71.4 mm across; the next 50 mL over 25 mm half as much.
  const scale = [
    { volumeML: 100, heightMM: 25 },
    { volumeML: 150, heightMM: 50 },
  ];

  test('has a ring in the middle of each step, as wide as what was poured there', () => {
    const across = (areaMM2: number) => expect.closeTo(2 * Math.sqrt(areaMM2 / Math.PI), 9) as number;
    expect(profileByPouring(scale)).toEqual([
      { heightMM: 0, diameterMM: across(4000) },
      { heightMM: 12.5, diameterMM: across(4000) },
      { heightMM: 37.5, diameterMM: across(2000) },
      { heightMM: 50, diameterMM: across(2000) },
    ]);
    expect(profileByPouring([])).toEqual([]);
  });

  test('marks between and beyond', () => {
    expect([0, 50, 100, 125, 150, 999].map((ml) => heightByPouringMM(scale, ml))).toEqual([0, 12.5, 25, 37.5, 50, 50]);
  });
});

test('the inside at a height: straight between rings, no wider above the last, nothing of nothing', () => {
  const profile = [
    { heightMM: 0, diameterMM: 60 },
    { heightMM: 100, diameterMM: 40 },
    { heightMM: 120, diameterMM: 20 },
  ];
  expect([0, 50, 100, 110, 120, 500].map((mm) => diameterAtMM(profile, mm))).toEqual([60, 50, 40, 30, 20, 20]);
  expect(diameterAtMM([], 10)).toBe(0);
  expect([brimfulML([]), volumeToHeightML([], 10), heightOfVolumeMM([], 10)]).toEqual([0, 0, 0]);
  expect(volumeToHeightML(profile, -5)).toBe(0);
  expect(volumeToHeightML(profile, 999)).toBeCloseTo(brimfulML(profile), 9);
  expect(heightOfVolumeMM(profile, brimfulML(profile))).toBe(120);
  expect(heightOfVolumeMM(profile, 1e9)).toBe(120);
  expect(heightOfVolumeMM(profile, 0)).toBeLessThan(0.001);
});
