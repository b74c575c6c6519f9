import { MF } from 'mf-parser';
import type { Poured } from '../formula/mixedVolume';
import { contractionML, ethanolWaterDensity, isopropanolWaterDensity } from '../formula/contraction';
import { ingredientById } from '../catalogue/lookup';
import { substance, SUBSTANCES, type SubstanceId } from '../catalogue/substances';
import type { Ingredient } from '../catalogue/ingredient';
import { flashPointC } from './flashPoint';
import { closedGainBar, GAS_L_PER_MOL, gasML, HENRY } from './gas';
import { hardnessClass } from './hardness';
import { peraceticMaxPPM } from './peracetic';
import { protonBalance } from './protonBalance';
import { isPaste, mix } from './state';

const known = (id: string): Ingredient => ingredientById(id)!;
const mL = (id: string, volumeML: number): Poured => ({
  ingredient: known(id),
  volumeML,
  massG: volumeML * known(id).densityGPerML,
});
const grams = (id: string, massG: number): Poured => ({
  ingredient: known(id),
  massG,
  volumeML: massG / known(id).densityGPerML,
});

describe('substances', () => {
  // Outside check: molar masses by the package mf-parser, from IUPAC atomic weights.
  test.each(SUBSTANCES.filter((s) => s.formula !== null && s.molarMassG !== null).map((s) => [s.name, s] as const))(
    '%s weighs what its formula says',
    (_, s) => {
      const mass = new MF(s.formula!).getInfo().mass;
      expect(Math.abs(mass - s.molarMassG!) / mass).toBeLessThan(0.0005);
    },
  );
});

describe('strengths', () => {
  test('equal volumes of 5 % vinegar and water make 2.5 % w/v', () => {
    expect(mix([mL('white-vinegar', 100), mL('water', 100)]).aceticAcidPercentWV).toBeCloseTo(2.5, 6);
  });

  // By hand: 54.99 g of isopropanol in 287.3 g is 19.1 % by mass, 0.970 g/mL: 296 mL in place of 300.
  test('one part of 70 % alcohol in three makes 23.6 % v/v, as the volumes shrink', () => {
    const state = mix([mL('isopropyl-alcohol', 100), mL('distilled-water', 200)]);
    expect(state.volumeML).toBeCloseTo(296.1, 0);
    expect(state.alcoholPercentVV).toBeCloseTo(70 / 2.961, 1);
  });

  test('3 % peroxide halved is 1.5 % w/v; 33 % w/w soap at 4 % of the bottle is 13.6 g/L', () => {
    expect(mix([mL('hydrogen-peroxide', 50), mL('water', 50)]).hydrogenPeroxidePercentWV).toBeCloseTo(1.5, 6);
    expect(mix([mL('castile-soap', 40), mL('water', 960)]).soapGPerL).toBeCloseTo(40 * 1.03 * 0.33, 4);
  });

  // 2 Na2CO3·3 H2O2 (314.02 g/mol) carries three peroxides of 34.015: 32.5 % of its mass.
  test('10 g of percarbonate in a litre is 0.32 % of peroxide', () => {
    expect(mix([grams('oxygen-bleach', 10), mL('water', 1000)]).hydrogenPeroxidePercentWV).toBeCloseTo(0.325, 2);
  });

  // Solubility of baking soda at 20 °C: 9.6 g in 100 mL (CRC Handbook).
  test('20 g of soda in 100 mL of water leaves 10.4 g undissolved', () => {
    expect(mix([grams('baking-soda', 20), mL('water', 100)]).undissolvedG).toBeCloseTo(20 - 0.998 * 9.6, 1);
  });

  test('the order of pouring does not matter', () => {
    const poured = [mL('white-vinegar', 100), grams('baking-soda', 5), mL('castile-soap', 10), mL('vodka', 30)];
    const forward = mix(poured);
    const backward = mix([...poured].reverse());
    expect(backward.volumeML).toBeCloseTo(forward.volumeML, 9);
    expect(backward.balance).toEqual(forward.balance);
    expect(backward.closedPressureBar).toBeCloseTo(forward.closedPressureBar, 9);
  });
});

describe('acid meets alkali', () => {
  // Stoichiometry: 250 mL of 5 % w/v vinegar holds 0.208 mol; 17.5 g of NaHCO3 uses it up and frees 5.0 L of CO2 at 20 °C.
  test('250 mL of vinegar and 17.5 g of soda use each other up', () => {
    const state = mix([mL('white-vinegar', 250), grams('baking-soda', 17.5)]);
    expect(state.balance.neutralisedMol).toBeCloseTo(0.2082, 3);
    expect(state.balance.acidLeftMol).toBeLessThan(0.001);
    expect(state.balance.alkaliLeftMol).toBeLessThan(0.001);
    expect(state.carbonDioxideML / 1000).toBeCloseTo(5.0, 1);
  });

  test('with twice the soda, half of it is left; with half, half of the acid', () => {
    expect(mix([mL('white-vinegar', 250), grams('baking-soda', 35)]).balance.alkaliLeftMol).toBeCloseTo(0.2084, 3);
    expect(mix([mL('white-vinegar', 250), grams('baking-soda', 8.75)]).balance.acidLeftMol).toBeCloseTo(0.104, 3);
  });

  // Washing soda takes one proton without gas before it gives any.
  test('a little acid in washing soda frees no gas', () => {
    expect(protonBalance({ 'sodium-carbonate': 1, 'acetic-acid': 1 }).carbonDioxideMol).toBe(0);
    expect(protonBalance({ 'sodium-carbonate': 1, 'acetic-acid': 2 }).carbonDioxideMol).toBe(1);
  });

  // CaCO3 + 2 CH3COOH: a litre of 5 % vinegar takes up 41.7 g, and chalk left over does not hold gas back.
  test('vinegar on chalk gives half a mole of gas for each mole of acid', () => {
    expect(protonBalance({ chalk: 10, 'acetic-acid': 1 }).carbonDioxideMol).toBeCloseTo(0.5, 9);
    const { undissolvedG } = mix([mL('white-vinegar', 1000), grams('chalk', 100)]);
    expect(100 - undissolvedG).toBeCloseTo(41.7, 0);
  });

  // 3 mol of NaHCO3 to 1 of citric acid: 1.31 g of soda to a gram (3 × 84.0 / 192.1).
  test('citric acid takes three times its moles of soda', () => {
    const { acidLeftMol, alkaliLeftMol, carbonDioxideMol } = protonBalance({
      'citric-acid': 1,
      'sodium-bicarbonate': 3,
    });
    expect([acidLeftMol, alkaliLeftMol, carbonDioxideMol]).toEqual([0, 0, 3]);
  });

  test('borax takes two protons, ammonia one, lye one', () => {
    expect(protonBalance({ borax: 1, 'acetic-acid': 5 }).neutralisedMol).toBe(2);
    expect(protonBalance({ ammonia: 1, 'acetic-acid': 5 }).neutralisedMol).toBe(1);
    expect(protonBalance({ 'sodium-hydroxide': 1, 'acetic-acid': 5 }).neutralisedMol).toBe(1);
  });

  test('oil is no water: a fizzing powder bound with it waits', () => {
    const bound = [grams('citric-acid', 50), grams('baking-soda', 65), mL('olive-oil', 10)];
    expect(mix(bound)).toMatchObject({ wet: true, hasWaterPhase: false, carbonDioxideML: 0, closedPressureBar: 0 });
    expect(mix([...bound, mL('water', 20)]).closedPressureBar).toBeGreaterThan(1);
  });

  test('dry powders wait: nothing reacts until there is water', () => {
    const dry = mix([grams('citric-acid', 50), grams('baking-soda', 65)]);
    expect([dry.wet, dry.carbonDioxideML, dry.closedPressureBar]).toEqual([false, 0, 0]);
    expect(mix([grams('citric-acid', 50), grams('baking-soda', 65), mL('water', 50)]).carbonDioxideML).toBeGreaterThan(
      18_000,
    );
  });

  // 250 mL of 5 % vinegar and 17.5 g of soda leave 17 g of sodium acetate (82.03 g/mol).
  test('what is left is named and weighed', () => {
    const { inertSalts } = mix([mL('white-vinegar', 250), grams('baking-soda', 17.5)]);
    expect(inertSalts).toEqual([{ name: 'sodium acetate', massG: expect.closeTo(17, 0) }]);
  });
});

describe('soap', () => {
  // Soap is used up mole for mole once the acid outweighs it (potassium oleate, 320.6 g/mol).
  const soapMol = (100 * 1.03 * 0.33) / 320.6;
  test.each([
    ['half as much acid', 0.5, 0.4, 0.6],
    ['as much acid', 1, 0.9, 1],
    ['twice the acid', 2, 0.99, 1],
  ])('%s as soap curdles about that share', (_, times, low, high) => {
    const acidML = (times * soapMol * 60.052) / 0.05;
    const { soapCurdledFraction, pH } = mix([mL('castile-soap', 100), mL('white-vinegar', acidML), mL('water', 400)]);
    expect(soapCurdledFraction).toBeGreaterThan(low);
    expect(soapCurdledFraction).toBeLessThanOrEqual(high);
    expect(pH!.value).toBeLessThan(8.5);
  });

  test('alone, and beside soda, soap does not count as curdled; dish soap never does', () => {
    expect(mix([mL('castile-soap', 10), mL('water', 100)]).soapCurdledFraction).toBe(0);
    expect(mix([mL('castile-soap', 10), mL('water', 100), grams('baking-soda', 5)]).soapCurdledFraction).toBe(0);
    expect(mix([mL('dish-soap', 10), mL('white-vinegar', 100)]).soapCurdledFraction).toBeNull();
  });

  // What soap beside soda holds as free acid anyway is not the acid's doing.
  test('a trace of acid in soap and soda curdles a trace', () => {
    const poured = [mL('castile-soap', 10), mL('water', 100), grams('baking-soda', 5), mL('white-vinegar', 0.5)];
    const { soapCurdledFraction } = mix(poured);
    expect(soapCurdledFraction).toBeGreaterThan(0);
    expect(soapCurdledFraction).toBeLessThan(0.05);
  });

  test('enough washing soda takes the acid first', () => {
    const state = mix([mL('castile-soap', 10), mL('white-vinegar', 20), grams('washing-soda', 20), mL('water', 200)]);
    expect(state.soapCurdledFraction).toBeLessThan(0.05);
  });

  // USGS: 100 mg/L as CaCO3 is 1 mmol/L; each binds two soaps: 0.64 g of potassium oleate a litre.
  test('hard water takes 0.64 g of soap a litre for each 100 mg/L', () => {
    const of = (hardnessMgPerL: number | null, water = 'water', ...more: Poured[]) =>
      mix([mL('castile-soap', 3), mL(water, 997), ...more], { hardnessMgPerL });
    const soft = of(100);
    expect(soft.soapLostToHardness! * soft.soapGPerL).toBeCloseTo(0.64, 1);
    expect(of(50).soapLostToHardness).toBeCloseTo(0.5 * soft.soapLostToHardness!, 6);
    expect(of(100, 'distilled-water').soapLostToHardness).toBe(0);
    expect(of(null).soapLostToHardness).toBeNull();
    // A teaspoon of washing soda settles it first.
    expect(of(300, 'water', grams('washing-soda', 1)).soapLostToHardness).toBe(0);
  });

  test.each([
    [60, 'soft'],
    [61, 'moderate'],
    [120, 'moderate'],
    [121, 'hard'],
    [180, 'hard'],
    [181, 'very hard'],
  ])('%d mg/L is %s (USGS)', (mgPerL, expected) => expect(hardnessClass(mgPerL)).toBe(expected));
});

describe('contraction of alcohol and water at 20 °C', () => {
  // Handbook table of ethanol in water by mass (Perry, from memory), within 0.0002 g/mL of the OIML polynomial.
  test.each([
    [0, 0.99823],
    [10, 0.98187],
    [20, 0.96864],
    [30, 0.95382],
    [40, 0.93518],
    [50, 0.91384],
    [60, 0.89113],
    [70, 0.86766],
    [80, 0.84344],
    [90, 0.81797],
    [100, 0.78934],
  ])('ethanol %d %% by mass: %d g/mL', (percent, density) => {
    expect(Math.abs(ethanolWaterDensity(percent / 100) - density)).toBeLessThan(0.0002);
  });

  // Handbook value: 50.0 mL ethanol and 50.0 mL water make about 96.4 mL.
  test('50 and 50 mL make 96.4', () => {
    const volume = 100 - contractionML(50 * 0.9982, 50 * 0.78924, 0);
    expect(volume).toBeCloseTo(96.4, 0);
    // Isopropanol shrinks a little less (handbook, from memory).
    const isopropanol = 100 - contractionML(50 * 0.9982, 0, 50 * 0.7855);
    expect(isopropanol).toBeGreaterThan(volume);
    expect(isopropanol).toBeLessThan(98);
  });

  // The density of what is sold as 70 % v/v: 0.877 g/mL (handbook, from memory).
  test('70 % isopropanol by volume weighs 0.877 g/mL', () => {
    const alcoholG = 70 * 0.7855;
    expect(isopropanolWaterDensity(alcoholG / 87.7)).toBeCloseTo(0.877, 2);
  });

  test('a bottle as bought does not shrink twice, and pouring it into itself changes nothing', () => {
    expect(mix([mL('vodka', 100)]).volumeML).toBeCloseTo(100, 6);
    expect(mix([mL('vodka', 50), mL('vodka', 50)]).volumeML).toBeCloseTo(100, 6);
  });
});

describe('pH of household mixtures', () => {
  test.each([
    // CRC, approximate pH of common solutions (from memory): vinegar 2.4 to 3.4, lemon juice 2.2 to 2.4.
    ['vinegar', [mL('white-vinegar', 100)], 2.4, 0.3],
    ['lemon juice', [mL('lemon-juice', 100)], 2.1, 0.4],
    // The same table: sodium bicarbonate 8.1 to 8.4, borax 9.2, ammonia 11.1 to 11.9.
    ['baking soda, 1 %', [grams('baking-soda', 1), mL('distilled-water', 100)], 8.2, 0.2],
    ['borax, 2 %', [grams('borax', 2), mL('distilled-water', 100)], 9.2, 0.2],
    ['household ammonia', [mL('household-ammonia', 100)], 11.9, 0.3],
    // Handbook, 1 % sodium carbonate 11.4 (from memory).
    ['washing soda, 1 %', [grams('washing-soda', 1), mL('distilled-water', 100)], 11.4, 0.2],
    // Label of household bleach, pH 11 to 13.
    ['bleach', [mL('chlorine-bleach', 100)], 12.5, 1],
  ] as const)('%s', (_, poured, expected, within) => {
    const { pH } = mix(poured);
    expect(Math.abs(pH!.value - expected)).toBeLessThan(within);
    expect(pH!.low).toBeLessThanOrEqual(pH!.value);
    expect(pH!.high).toBeGreaterThanOrEqual(pH!.value);
  });

  test('water alone has a wide band; strong salt a wider one than a dilute buffer', () => {
    const width = (poured: readonly Poured[]): number => {
      const { acidity } = mix(poured);
      return acidity!.pH.high - acidity!.pH.low;
    };
    expect(width([mL('distilled-water', 100)])).toBeGreaterThan(2);
    expect(width([grams('borax', 1), mL('distilled-water', 100)])).toBeLessThan(0.2);
    expect(width([grams('washing-soda', 20), mL('distilled-water', 100)])).toBeGreaterThan(0.5);
  });

  test('no figure is shown beyond what the model holds for, and why not', () => {
    const shown = (...poured: readonly Poured[]) => {
      const { pH, pHWithheld } = mix(poured);
      return pHWithheld ?? (pH ? 'shown' : 'none');
    };
    const water = mL('distilled-water', 100);
    // 10 g of washing soda in 100 mL: ionic strength 2.8 mol/L; 12 g: 3.3.
    expect(shown(grams('washing-soda', 10), water)).toBe('shown');
    expect(shown(grams('washing-soda', 12), water)).toBe('salt');
    expect(shown(mL('white-vinegar', 42), mL('neutral-spirit', 63))).toBe('shown');
    expect(shown(mL('white-vinegar', 30), mL('neutral-spirit', 70))).toBe('alcohol');
    expect(shown(grams('borax', 2), mL('glycerin', 5), water)).toBe('borate');
    expect(shown(grams('borax', 2), mL('olive-oil', 5), water)).toBe('shown');
    expect(shown({ ...water, ingredient: { ...known('white-vinegar'), id: 'own', contents: [] } }, water)).toBe(
      'unknown',
    );
  });

  test('what is dry, or hardly holds water, has none', () => {
    expect(mix([grams('baking-soda', 100)]).pH).toBeNull();
    expect(mix([mL('isopropyl-alcohol', 100), mL('neutral-spirit', 1000), mL('white-vinegar', 5)]).pH).toBeNull();
    // Oil is a liquid of its own: the vinegar under it is as sour as ever.
    expect(mix([mL('olive-oil', 100), mL('white-vinegar', 5)]).pH?.value).toBeCloseTo(2.4, 1);
  });

  // More soda than dissolves does not raise the pH: it is saturated.
  test('crystals that stay undissolved do not count', () => {
    const at = (g: number): number => mix([grams('baking-soda', g), mL('distilled-water', 100)]).pH!.value;
    expect(at(60)).toBeCloseTo(at(20), 2);
  });

  // 1 mol of acetic acid needs about 1 mol of alkali to pH 7.
  test('the acid reserve of 5 % vinegar is 0.83 mol/L', () => {
    const { acidity } = mix([mL('white-vinegar', 100)]);
    expect(acidity!.acidReserveMmolPerL / 1000).toBeCloseTo(0.83, 2);
  });
});

describe('oils', () => {
  test('float on water, not in strong alcohol, nor in several times their own soap', () => {
    const drop = mL('lavender-oil', 0.5);
    expect(mix([drop, mL('water', 500)]).oilFloatingShare).toBeGreaterThan(0.5);
    expect(mix([drop, mL('isopropyl-alcohol', 100)]).oilFloatingShare).toBe(0);
    expect(mix([drop, mL('dish-soap', 15), mL('water', 500)]).oilFloatingShare).toBe(0);
    expect(mix([drop, mL('vodka', 100)]).oilFloatingShare).toBeGreaterThan(0);
  });

  // A quarter of the soap's own mass of oil (common practice, no source): soap that acid has curdled carries none.
  test('soap carries a quarter of its mass of oil, and none once it has curdled', () => {
    const oil = grams('lavender-oil', 4);
    const floats = (...more: Poured[]) =>
      mix([oil, mL('castile-soap', 20), mL('water', 500), ...more]).oilFloatingShare;
    const soapG = 20 * 1.03 * 0.33;
    expect(floats()).toBeCloseTo(1 - (0.25 * soapG + 0.0003 * (500 + 20 * 1.03 * 0.67)) / 4, 2);
    expect(floats(mL('white-vinegar', 100))).toBeGreaterThan(0.9);
  });
});

describe('grains', () => {
  // Mohs (CRC Handbook): baking soda 2.5, chalk 3, pumice 5.5 (from memory).
  test('the hardest that stays undissolved counts', () => {
    expect(mix([grams('baking-soda', 100), mL('water', 50)]).abrasiveMohs).toBe(2.5);
    expect(mix([grams('baking-soda', 2), mL('water', 100)]).abrasiveMohs).toBeNull();
    expect(mix([grams('baking-soda', 100), grams('pumice-powder', 20), mL('water', 50)]).abrasiveMohs).toBe(5.5);
  });
});

describe('at the limit', () => {
  // Pumice does not dissolve: its grams are the grains (Mohs 5.5, from memory). The shares: common practice, no source.
  test('a paste from 30 % of grains on', () => {
    expect(isPaste(mix([grams('pumice-powder', 30), grams('distilled-water', 70)]))).toBe(true);
    expect(isPaste(mix([grams('pumice-powder', 29.9), grams('distilled-water', 70.1)]))).toBe(false);
  });

  test('grains scratch from half a percent on', () => {
    expect(mix([grams('pumice-powder', 0.5), grams('distilled-water', 99.5)]).abrasiveMohs).toBe(5.5);
    expect(mix([grams('pumice-powder', 0.499), grams('distilled-water', 99.501)]).abrasiveMohs).toBeNull();
  });

  test('what reacts needs more than 2 % of water', () => {
    const bound = (waterG: number) =>
      mix([grams('citric-acid', 49), grams('baking-soda', 49), grams('distilled-water', waterG)]).hasWaterPhase;
    expect([bound(2), bound(2.01)]).toEqual([false, true]);
  });

  // Borax, 381.4 g/mol, is four borates; glycerol 92.09 g/mol: the lesser of the two counts.
  test('borate meets glycerin from 2 mmol/L of the lesser on', () => {
    const complex = (boraxG: number, glycerinG: number) =>
      mix([grams('borax', boraxG), grams('glycerin', glycerinG), grams('distilled-water', 1000)]);
    const glycerinFor = (molPerL: number) => (molPerL * 92.09) / (known('glycerin').contents[0]!.percent / 100);
    const enough = complex(10, glycerinFor(0.00205)).borateComplexMolPerL;
    expect(enough).toBeGreaterThan(0.002);
    expect(enough).toBeLessThan(0.0021);
    expect(complex(10, glycerinFor(0.00195)).borateComplexMolPerL).toBe(0);
    expect(complex((0.00205 / 4) * 381.4, 20).borateComplexMolPerL).toBeCloseTo(0.00204, 4);
    expect(complex((0.00195 / 4) * 381.4, 20).borateComplexMolPerL).toBe(0);
  });

  test('a flash point that does not mix with water lies within its band', () => {
    const flash = flashPointC({ petrol: 80 }, 100)!;
    expect([flash.low, flash.high]).toEqual([-45, -35]);
  });
});

describe('gas', () => {
  // Molar volume at 20 °C and 1 atm: 24.06 L (CRC Handbook; R·293.15 K).
  test('molar volume', () => {
    expect(GAS_L_PER_MOL).toBeCloseTo(0.0820574 * 293.15, 2);
    expect(gasML(0.208)).toBeCloseTo(5004, 0);
  });

  // 3 % w/v peroxide can give 10.6 L of oxygen a litre at 20 °C ("10 volume" at 0 °C).
  test('a litre of 3 % peroxide made alkaline gives 10.6 L of oxygen', () => {
    expect(mix([mL('hydrogen-peroxide', 1000), grams('baking-soda', 20)]).oxygenML / 1000).toBeCloseTo(10.6, 1);
  });

  // Worked by hand: 0.01 mol CO2 over 50 mL headspace and 450 mL of water at 20 °C:
  // 0.05/(0.082057·293.15) + 0.039·0.45 = 0.002079 + 0.01755 = 0.019629 mol/atm → 0.5095 atm = 0.516 bar.
  test('pressure shares itself between headspace and liquid', () => {
    expect(closedGainBar(0.01, HENRY.carbonDioxide, 50, 450)).toBeCloseTo(0.516, 3);
  });

  test('neutral peroxide keeps', () => {
    expect(mix([mL('hydrogen-peroxide', 100), mL('water', 100)]).oxygenML).toBe(0);
  });
});

describe('peracetic acid', () => {
  // About 500 ppm from equal volumes of 5 % vinegar and 3 % peroxide at K = 2 (from memory; 1.8 to 2.5 in the literature).
  test('equal volumes of vinegar and peroxide tend toward about 500 ppm', () => {
    const { peraceticAcidMaxPPM } = mix([mL('white-vinegar', 100), mL('hydrogen-peroxide', 100)]);
    expect(peraceticAcidMaxPPM).toBeGreaterThan(430);
    expect(peraceticAcidMaxPPM).toBeLessThan(650);
  });

  test('the equilibrium it states holds', () => {
    const [a, h, w] = [0.42, 0.44, 53] as const;
    const x = peraceticMaxPPM(a, h, w) / 76.05 / 1000;
    expect((x * (w + x)) / ((a - x) * (h - x))).toBeCloseTo(2, 6);
    expect(peraceticMaxPPM(0, h, w)).toBe(0);
  });
});

describe('flash point', () => {
  /** Alcohols and solvents in 100 mL, by % v/v. */
  const flashOf = (percentVV: Partial<Record<SubstanceId, number>>) =>
    flashPointC(
      Object.fromEntries(
        Object.entries(percentVV).map(([id, p]) => [id, p / substance(id as SubstanceId).displacementMLPerG]),
      ),
      100,
    );
  const middleC = (percentVV: Partial<Record<SubstanceId, number>>): number => {
    const flash = flashOf(percentVV)!;
    return (flash.low + flash.high) / 2;
  };

  // Handbook tables of ethanol–water, closed cup (from memory): 40 % 26 °C, 70 % 21 °C; isopropanol 70 % 18 °C;
  // data sheets (from memory): acetone -18, methanol 11, turpentine 35, petrol -40, acetic acid 39 °C.
  test.each([
    [{ ethanol: 40 }, 26],
    [{ ethanol: 70 }, 21],
    [{ ethanol: 15 }, 42.5],
    [{ isopropanol: 70 }, 18],
    [{ isopropanol: 100 }, 12],
    [{ acetone: 100 }, -18],
    [{ methanol: 100 }, 11],
    [{ turpentine: 100 }, 35],
    [{ petrol: 100 }, -40],
    [{ 'acetic-acid': 100 }, 39],
  ])('%j: about %d °C', (percentVV, expected) => {
    expect(middleC(percentVV)).toBeCloseTo(expected, 6);
  });

  // Reckoned anew from vapour pressure: Antoine for acetone (7.11714, 1210.595, 229.664; mmHg and °C), activity in
  // water by the two-suffix van Laar constants 2.1 and 1.5, and the lower limit of 2.5 % in air (all from memory).
  test.each([2, 5, 10, 20])(
    'acetone at %d %% in water flashes where its vapour reaches 2.5 %% of the air',
    (percent) => {
      const acetoneMol = (percent * 0.79) / 58.08;
      const x = acetoneMol / (acetoneMol + (100 - percent) / 18.015);
      const gamma = Math.exp(2.1 / (1 + (2.1 * x) / (1.5 * (1 - x))) ** 2);
      const needed = (0.025 * 760) / (x * gamma);
      const reckonedC = 1210.595 / (7.11714 - Math.log10(needed)) - 229.664;
      expect(Math.abs(middleC({ acetone: percent }) - reckonedC)).toBeLessThan(6);
    },
  );

  test('none below what the tables hold, and none of a trace of oil', () => {
    expect(flashOf({ ethanol: 4.9 })).toBeNull();
    expect(flashOf({ 'acetic-acid': 25 })).toBeNull();
    expect(flashOf({ turpentine: 1 })).toBeNull();
    expect(flashOf({ 'lemon-oil': 5 })).toBeNull();
    expect(flashOf({})).toBeNull();
  });

  test('what does not mix with water burns in it as neat, and the lower of two holds', () => {
    expect(middleC({ petrol: 1.1 })).toBe(-40);
    expect(middleC({ 'lemon-oil': 5.1 })).toBe(48);
    expect(middleC({ 'lemon-oil': 10, ethanol: 70 })).toBeCloseTo(21, 6);
    expect(middleC({ ethanol: 20, acetone: 5 })).toBeLessThanOrEqual(23);
  });
});
