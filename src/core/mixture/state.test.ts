import { MF } from 'mf-parser';
import { ingredientById } from '../catalogue/lookup';
import { SUBSTANCES } from '../catalogue/substances';
import type { Ingredient } from '../catalogue/ingredient';
import type { Poured } from '../formula/mixedVolume';
import { flashPointC } from './flashPoint';
import { closedGainBar, GAS_L_PER_MOL, gasML, HENRY } from './gas';
import { peraceticMaxPPM } from './peracetic';
import { protonBalance } from './protonBalance';
import { mix } from './state';

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

  test('one part of 70 % alcohol in three makes 23.3 % v/v (not counting the contraction)', () => {
    expect(mix([mL('isopropyl-alcohol', 100), mL('distilled-water', 200)]).alcoholPercentVV).toBeCloseTo(70 / 3, 6);
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

  test('dry powders wait: nothing reacts until there is water', () => {
    const dry = mix([grams('citric-acid', 50), grams('baking-soda', 65)]);
    expect([dry.wet, dry.carbonDioxideML, dry.closedPressureBar]).toEqual([false, 0, 0]);
    expect(mix([grams('citric-acid', 50), grams('baking-soda', 65), mL('water', 50)]).carbonDioxideML).toBeGreaterThan(
      18_000,
    );
  });

  // Soap is used up mole for mole once the acid outweighs it (potassium oleate, 320.6 g/mol).
  test('vinegar curdles soap; soda before it takes the acid first if it is the stronger base', () => {
    expect(protonBalance({ soap: 1, 'acetic-acid': 0.4 }).soapCurdledFraction).toBeCloseTo(0.4, 9);
    expect(protonBalance({ soap: 1, 'acetic-acid': 1, 'sodium-carbonate': 1 }).soapCurdledFraction).toBe(0);
    expect(protonBalance({ soap: 1, 'acetic-acid': 1, 'sodium-bicarbonate': 1 }).soapCurdledFraction).toBe(1);
    expect(mix([mL('dish-soap', 10), mL('white-vinegar', 100)]).soapCurdledFraction).toBeNull();
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
  // Handbook tables of ethanol–water, closed cup (from memory): 40 % 26 °C, 70 % 21 °C; isopropanol 70 % 18 °C.
  test.each([
    [40, 0, 26],
    [70, 0, 21],
    [15, 0, 42.5],
    [0, 70, 18],
    [0, 100, 12],
  ])('%d %% ethanol, %d %% isopropanol: about %d °C', (ethanol, isopropanol, expected) => {
    const flash = flashPointC(ethanol, isopropanol)!;
    expect((flash.low + flash.high) / 2).toBeCloseTo(expected, 6);
  });

  test('none below 5 %', () => {
    expect(flashPointC(4.9, 0)).toBeNull();
  });
});
