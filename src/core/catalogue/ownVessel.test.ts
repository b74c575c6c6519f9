import { brimfulML, volumeToHeightML } from '../quantity/fillMarks';
import { measuredCapacityML, profileOfMeasures, vesselHeightMM, vesselProfile, WALL_MM, type Vessel } from './vessels';

const vessel: Vessel = {
  id: 'v',
  name: 'V',
  shape: 'straight-spray',
  capacityML: 500,
  material: 'glass',
  opaque: false,
};

describe('a bottle measured by a ruler', () => {
  test('straight walls are a cylinder: πr²h', () => {
    const profile = profileOfMeasures({ bodyDiameterMM: 83, bodyHeightMM: 100, neckDiameterMM: 83, brimMM: 100 })!;
    expect(measuredCapacityML(profile)).toBe(Math.round((Math.PI * 40 * 40 * 100) / 1000));
  });

  test('a shoulder is a frustum on a cylinder: πh(r₁² + r₁r₂ + r₂²)/3', () => {
    const profile = profileOfMeasures({ bodyDiameterMM: 73, bodyHeightMM: 110, neckDiameterMM: 27, brimMM: 170 })!;
    const r1 = (73 - 2 * WALL_MM) / 2;
    const r2 = (27 - 2 * WALL_MM) / 2;
    const expected = (Math.PI * r1 * r1 * 110 + (Math.PI * 60 * (r1 * r1 + r1 * r2 + r2 * r2)) / 3) / 1000;
    expect(brimfulML(profile)).toBeCloseTo(expected, 6);
    // The mark of half of it, poured up to and summed again.
    const own = { ...vessel, profile, capacityML: expected };
    expect(volumeToHeightML(profile, vesselHeightMM(own, expected / 2))).toBeCloseTo(expected / 2, 2);
  });

  test.each([
    ['a neck thinner than its walls', { bodyDiameterMM: 70, bodyHeightMM: 100, neckDiameterMM: 2, brimMM: 150 }],
    ['a brim below the shoulder', { bodyDiameterMM: 70, bodyHeightMM: 100, neckDiameterMM: 20, brimMM: 90 }],
    ['no height', { bodyDiameterMM: 70, bodyHeightMM: 0, neckDiameterMM: 20, brimMM: 90 }],
  ])('%s is no bottle', (_, measures) => expect(profileOfMeasures(measures)).toBeNull());
});

describe('a vessel calibrated by pouring', () => {
  const poured = [
    { volumeML: 100, heightMM: 20 },
    { volumeML: 200, heightMM: 50 },
    { volumeML: 300, heightMM: 60 },
  ];
  const own = { ...vessel, capacityML: 300, poured };

  test('its marks are where the water stood, and straight between', () => {
    for (const mark of poured) expect(vesselHeightMM(own, mark.volumeML)).toBeCloseTo(mark.heightMM, 9);
    expect(vesselHeightMM(own, 150)).toBeCloseTo(35, 9);
    expect(vesselHeightMM(own, 50)).toBeCloseTo(10, 9);
  });

  test('it is drawn as high as it is, wide where a little height holds much', () => {
    const profile = vesselProfile(own);
    expect(profile.at(-1)?.heightMM).toBe(60);
    const widths = profile.map((p) => p.diameterMM);
    expect(Math.max(...widths)).toBeCloseTo(Math.sqrt((4 * 10_000) / Math.PI), 6);
    expect(profile.every((p, i) => i === 0 || p.heightMM > (profile[i - 1]?.heightMM ?? 0))).toBe(true);
  });
});
