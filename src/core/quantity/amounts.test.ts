import { statedML, VAGUE_ML } from './amount';
import { dropsPerMLFromWeight, dropsToML, wholeDrops } from './drops';
import { powderMassG, powderVolumeML, SPOON_SPREAD } from './powder';
import { between, pointRange, midpoint, scaleRange } from './range';

describe('drops', () => {
  test('twenty to the mL, whole, and at least one', () => {
    expect(dropsToML(20, 20)).toBe(1);
    expect(wholeDrops(0.62, 20)).toBe(12);
    expect(wholeDrops(0.001, 20)).toBe(1);
    expect(wholeDrops(0, 20)).toBe(0);
  });

  test('calibrated by weighing 50 drops: 1.5 g of an oil of 0.895 g/mL is 29.8 to the mL', () => {
    expect(dropsPerMLFromWeight(50, 1.5, 0.895)).toBeCloseTo(29.83, 2);
  });
});

describe('powders by spoon', () => {
  // USDA FoodData Central (from memory): a teaspoon of baking soda is 4.6 g; a spoonful varies by a tenth.
  const soda = { gPerML: 4.6 / 4.92892159375, spread: SPOON_SPREAD };

  test('a tablespoon of baking soda is 13.8 g, give or take a tenth', () => {
    const mass = powderMassG(pointRange(3 * 4.92892159375), soda);
    expect(midpoint(mass)).toBeCloseTo(13.8, 6);
    expect(mass.low).toBeCloseTo(13.8 * 0.9, 6);
    expect(mass.high).toBeCloseTo(13.8 * 1.1, 6);
    expect(powderVolumeML(4.6, soda)).toBeCloseTo(4.929, 3);
  });
});

describe('amounts', () => {
  test('a range keeps both ends', () => {
    expect(statedML({ kind: 'drops', value: between(15, 10) }, 'us', 20)).toEqual({ low: 0.5, high: 0.75 });
    expect(scaleRange(between(1, 2), 3)).toEqual({ low: 3, high: 6 });
  });

  // Common practice, no source: a squirt about 5 mL, a few drops 3 to 5 at twenty to the mL.
  test('vague words are ranges around what is common', () => {
    expect(midpoint(VAGUE_ML.squirt)).toBe(5);
    expect(VAGUE_ML['few-drops']).toEqual({ low: 3 / 20, high: 5 / 20 });
  });

  test('a mass or a share states no volume', () => {
    expect(statedML({ kind: 'mass', value: pointRange(5), unit: 'g' }, 'us', 20)).toBeNull();
    expect(statedML({ kind: 'parts', value: pointRange(5) }, 'us', 20)).toBeNull();
  });
});
