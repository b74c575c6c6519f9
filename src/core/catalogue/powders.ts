import { SPOON_SPREAD } from '../quantity/powder';
import { powder } from './entry';

const TSP_ML = 4.92892159375;
const TBSP_ML = 3 * TSP_ML;
const CUP_ML = 236.5882365;

/** Salts, acids and other powders of the cupboard. Bulk densities as spooned, ±10 %. */
export const POWDERS = [
  powder('baking-soda', 'baking soda', {
    names: ['bicarb', 'bicarbonate of soda', 'sodium bicarbonate', 'bicarbonate', 'soda bicarb', 'bicarb soda', 'bread soda', 'cooking soda', 'nahco3', 'sodium hydrogen carbonate', 'bicarb of soda', 'bi carb', 'bi-carb', 'bi-carb soda', 'bicarb soda powder', 'baking soda powder'],
    bulk: 4.6 / TSP_ML, contents: [['sodium-bicarbonate', 100, 99, 100, 'w/w']], sources: ['usda-memory'],
  }),
  powder('washing-soda', 'washing soda', {
    names: ['soda ash', 'sodium carbonate', 'na2co3', 'anhydrous washing soda', 'laundry soda', 'super washing soda', 'washing soda powder'],
    bulk: 1.0, contents: [['sodium-carbonate', 100, 99, 100, 'w/w']], sources: ['common-practice'],
  }),
  powder('washing-soda-crystals', 'washing soda crystals', {
    // Decahydrate, Na2CO3·10H2O: 105.988 of 286.14 g is the carbonate, the rest its water.
    names: ['soda crystals', 'sal soda', 'crystal soda', 'sodium carbonate decahydrate', 'washing crystals'],
    bulk: 0.9, contents: [['sodium-carbonate', (100 * 105.988) / 286.14, 36, 45, 'w/w'], ['water', 100 - (100 * 105.988) / 286.14, 55, 64, 'w/w']], sources: ['crc', 'common-practice'],
  }),
  powder('citric-acid', 'citric acid', {
    names: ['citric', 'citric acid powder', 'citric acid crystals', 'sour salt', 'anhydrous citric acid', 'lemon salt'],
    bulk: 0.9, contents: [['citric-acid', 100, 91, 100, 'w/w']], sources: ['common-practice', 'crc'],
  }),
  powder('borax', 'borax', {
    names: ['sodium tetraborate', 'sodium borate', 'disodium tetraborate', 'borax powder', 'borax decahydrate'],
    bulk: 0.9, contents: [['borax', 100, 99, 100, 'w/w']], sources: ['common-practice', 'crc'],
  }),
  powder('salt', 'salt', {
    names: ['table salt', 'sea salt', 'dead sea salt', 'sodium chloride', 'kosher salt', 'coarse salt', 'fine salt', 'cooking salt', 'nacl', 'rock salt', 'pickling salt', 'dishwasher salt', 'iodised salt', 'iodized salt'],
    bulk: 6 / TSP_ML, contents: [['sodium-chloride', 100, 97, 100, 'w/w']], sources: ['usda-memory'],
  }),
  powder('oxygen-bleach', 'oxygen bleach', {
    names: ['sodium percarbonate', 'percarbonate', 'oxygen bleach powder', 'oxygen stain remover', 'oxi powder', 'oxy powder', 'percarbonate of soda', 'oxygen whitener', 'non-chlorine bleach', 'oxygenated bleach', 'chlorine free bleach', 'chlorine-free bleach'],
    bulk: 1.0, contents: [['sodium-percarbonate', 100, 40, 100, 'w/w']], strengthOf: 'sodium-percarbonate', sources: ['common-practice', 'crc'],
  }),
  powder('sodium-perborate', 'sodium perborate', {
    names: ['perborate', 'perborate of soda', 'perborate powder', 'sodium perborate tetrahydrate', 'sodium perborate monohydrate'],
    bulk: 0.9, contents: [['sodium-perborate', 98, 60, 100, 'w/w']], strengthOf: 'sodium-perborate', sources: ['sds-memory'],
  }),
  powder('calcium-chloride', 'calcium chloride', {
    names: ['cacl2', 'calcium chloride flakes', 'damp trap crystals', 'moisture absorber crystals', 'calcium chloride salt'],
    bulk: 0.85, contents: [['calcium-chloride', 98, 94, 100, 'w/w']], sources: ['crc-memory', 'label-default'],
  }),
  powder('aluminium-foil', 'aluminium foil', {
    names: ['aluminum foil', 'kitchen foil', 'tin foil', 'tinfoil', 'foil', 'aluminium', 'aluminum', 'aluminium pan', 'aluminum pan'],
    bulk: 0.3, contents: [['aluminium', 99, 97, 100, 'w/w']], sources: ['crc', 'common-practice'],
  }),
  powder('cream-of-tartar', 'cream of tartar', {
    names: ['potassium bitartrate', 'tartar', 'potassium hydrogen tartrate', 'creme of tartar'],
    bulk: 0.68, contents: [['potassium-bitartrate', 100, 98, 100, 'w/w']], sources: ['common-practice'],
  }),
  powder('tartaric-acid', 'tartaric acid', {
    names: ['tartaric', 'tartaric acid powder'],
    bulk: 0.9, contents: [['tartaric-acid', 100, 98, 100, 'w/w']], sources: ['common-practice'],
  }),
  powder('baking-powder', 'baking powder', {
    names: ['double acting baking powder', 'raising agent'],
    bulk: 0.9, contents: [['sodium-bicarbonate', 28, 20, 35, 'w/w'], ['potassium-bitartrate', 40, 20, 60, 'w/w'], ['starch', 30, 20, 40, 'w/w']], sources: ['usda-memory'],
  }),
  powder('sodium-citrate', 'sodium citrate', {
    names: ['trisodium citrate', 'citrate of soda', 'sodium citrate powder'],
    bulk: 0.9, contents: [['sodium-citrate', 88, 87, 100, 'w/w'], ['water', 12, 0, 13, 'w/w']], sources: ['common-practice'],
  }),
  powder('boric-acid', 'boric acid', {
    names: ['boracic acid', 'boric acid powder', 'boracic powder'],
    bulk: 0.8, contents: [['boric-acid', 100, 99, 100, 'w/w']], sources: ['common-practice', 'crc'],
  }),
  powder('ammonium-chloride', 'sal ammoniac', {
    names: ['ammonium chloride', 'salmiac', 'sal-ammoniac'],
    bulk: 0.8, contents: [['ammonium-chloride', 99, 98, 100, 'w/w']], sources: ['common-practice'],
  }),
  powder('epsom-salt', 'Epsom salt', {
    names: ['epsom salts', 'magnesium sulfate', 'magnesium sulphate', 'bath salts'],
    bulk: 1.0, contents: [['magnesium-sulfate', 100, 99, 100, 'w/w']], sources: ['common-practice'],
  }),
  powder('wood-ash', 'wood ash', {
    names: ['ash', 'ashes', 'stove ash', 'fire ash', 'white ash'],
    bulk: 0.5, spread: 3 * SPOON_SPREAD, contents: [['chalk', 45, 25, 60, 'w/w'], ['potassium-carbonate', 8, 3, 15, 'w/w']], sources: ['common-practice'],
  }),
  powder('pumice-powder', 'pumice powder', {
    names: ['pumice', 'ground pumice', 'pumice stone', 'rottenstone'],
    bulk: 0.7, contents: [['pumice', 100, 95, 100, 'w/w']], sources: ['common-practice', 'mohs-crc'],
  }),
  powder('clay', 'clay', {
    names: ['kaolin', 'kaolin clay', 'bentonite', 'bentonite clay', 'fullers earth', 'white clay', 'talc'],
    bulk: 0.6, contents: [['clay', 100, 95, 100, 'w/w']], sources: ['common-practice'],
  }),
  powder('xanthan-gum', 'xanthan gum', {
    names: ['xanthan', 'guar gum', 'thickening gum', 'gum arabic'],
    bulk: 0.6, contents: [['xanthan-gum', 95, 90, 100, 'w/w']], sources: ['common-practice'],
  }),
  powder('yeast', 'yeast', {
    names: ['dried yeast', 'bakers yeast', 'active dry yeast', 'brewers yeast', 'instant yeast'],
    bulk: 0.65, contents: [['yeast', 95, 90, 100, 'w/w']], sources: ['common-practice'],
  }),
  powder('coffee-grounds', 'coffee grounds', {
    names: ['ground coffee', 'used coffee grounds', 'coffee ground', 'spent coffee'],
    bulk: 0.4, contents: [['plant-matter', 90, 30, 100, 'w/w']], sources: ['common-practice'],
  }),
  powder('fresh-fruit', 'fruit and vegetable scraps', {
    names: ['fruit scraps', 'kitchen scraps', 'pineapple peel', 'fruit peel', 'onion', 'onions', 'potato', 'cucumber', 'apple', 'rhubarb', 'lemon pulp', 'mashed lemon', 'blended lemon'],
    bulk: 0.6, spread: 3 * SPOON_SPREAD, contents: [['plant-matter', 10, 5, 20, 'w/w'], ['sugar', 5, 1, 10, 'w/w'], ['water', 84, 70, 94, 'w/w']], sources: ['usda-memory'],
  }),
  powder('beeswax', 'beeswax', {
    names: ['wax', 'beeswax pellets', 'carnauba wax', 'grated beeswax', 'soy wax'],
    bulk: 0.6, contents: [['wax', 100, 98, 100, 'w/w']], sources: ['crc-memory'],
  }),
  powder('cornstarch', 'cornstarch', {
    names: ['corn starch', 'cornflour', 'corn flour', 'potato starch', 'starch', 'arrowroot', 'maize starch'],
    bulk: 8 / TBSP_ML, contents: [['starch', 100, 98, 100, 'w/w']], sources: ['usda-memory'],
  }),
  powder('sugar', 'sugar', {
    names: ['white sugar', 'granulated sugar', 'caster sugar', 'brown sugar', 'cane sugar'],
    bulk: 0.85, contents: [['sugar', 100, 99, 100, 'w/w']], sources: ['common-practice'],
  }),
  powder('flour', 'flour', {
    names: ['wheat flour', 'plain flour', 'all-purpose flour', 'white flour', 'rice flour'],
    bulk: 125 / CUP_ML, contents: [['starch', 75, 70, 80, 'w/w'], ['plant-matter', 13, 10, 15, 'w/w']], sources: ['usda-memory'],
  }),
  powder('chalk', 'chalk', {
    names: ['whiting', 'calcium carbonate', 'ground chalk', 'chalk powder'],
    bulk: 0.8, contents: [['chalk', 100, 95, 100, 'w/w']], sources: ['common-practice'],
  }),
  powder('soap-flakes', 'soap flakes', {
    names: ['grated soap', 'bar soap', 'grated bar soap', 'castile bar', 'grated castile soap', 'soap powder', 'bar of soap', 'laundry bar soap'],
    bulk: 0.35, spread: 2 * SPOON_SPREAD, contents: [['soap', 80, 70, 88, 'w/w'], ['water', 15, 10, 25, 'w/w']], sources: ['common-practice'],
  }),
  powder('citrus-peel', 'citrus peel', {
    names: ['orange peel', 'lemon peel', 'orange peels', 'lemon peels', 'citrus peels', 'peel', 'peels', 'rind', 'lemon rind', 'orange rind', 'citrus rind', 'orange peelings', 'grapefruit peel', 'zest', 'lemon zest', 'orange zest'],
    bulk: 0.4, spread: 3 * SPOON_SPREAD, contents: [['plant-matter', 30, 20, 40, 'w/w'], ['water', 69, 59, 79, 'w/w'], ['essential-oil', 1, 0.5, 2, 'w/w']], sources: ['common-practice'],
  }),
  powder('herbs', 'herbs', {
    names: ['rosemary', 'rosemary sprig', 'lavender flowers', 'dried lavender', 'thyme', 'mint leaves', 'herb', 'fresh herbs', 'dried herbs', 'sage'],
    bulk: 0.1, spread: 5 * SPOON_SPREAD, contents: [['plant-matter', 60, 20, 95, 'w/w']], sources: ['common-practice'],
  }),
] as const;
