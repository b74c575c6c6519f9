import fc from 'fast-check';
import { VESSEL_SHAPES } from '../catalogue/vessels';
import {
  brimfulML,
  heightByPouringMM,
  heightOfVolumeMM,
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
