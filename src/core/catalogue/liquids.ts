import { liquid } from './entry';

/** Waters, acids, alcohols and other liquids of the cupboard. Densities at 20 °C, CRC Handbook, where a handbook has them. */
export const LIQUIDS = [
  liquid('water', 'water', {
    names: ['tap water', 'warm water', 'hot water', 'cold water', 'filtered water', 'lukewarm water', 'soft water', 'hard water', 'tank water', 'spring water', 'boiled water', 'cooled boiled water', 'h2o', 'plain water', 'drinking water', 'bottled water'],
    density: 0.9982, water: 'tap', sources: ['crc'],
  }),
  liquid('distilled-water', 'distilled water', {
    names: ['deionised water', 'deionized water', 'demineralised water', 'purified water', 'battery water', 'steam distilled water', 'rain water', 'rainwater'],
    density: 0.9982, water: 'distilled', sources: ['crc'],
  }),
  liquid('boiling-water', 'boiling water', {
    names: ['just boiled water', 'water just off the boil', 'kettle water', 'freshly boiled water', 'very hot water', 'scalding water', 'water from the kettle'],
    density: 0.9982, water: 'boiling', sources: ['crc'],
  }),
  liquid('white-vinegar', 'white vinegar', {
    names: ['vinegar', 'distilled vinegar', 'distilled white vinegar', 'spirit vinegar', 'household vinegar', 'clear vinegar', 'malt vinegar', 'white wine vinegar', 'apple cider vinegar', 'cider vinegar', 'distilled malt vinegar', 'plain vinegar', 'white spirit vinegar'],
    density: 1.005, contents: [['acetic-acid', 5, 4, 6, 'w/v']], strengthOf: 'acetic-acid', sources: ['crc-memory', 'label-default'],
  }),
  liquid('cleaning-vinegar', 'cleaning vinegar', {
    names: ['strong vinegar', 'double strength vinegar', 'extra strength vinegar', 'concentrated vinegar', 'pickling vinegar', 'industrial vinegar'],
    density: 1.01, contents: [['acetic-acid', 8, 6, 10, 'w/v']], strengthOf: 'acetic-acid', sources: ['label-default'],
  }),
  liquid('vinegar-essence', 'vinegar essence', {
    names: ['vinegar concentrate', 'acetic essence', 'horticultural vinegar', 'essence of vinegar'],
    density: 1.03, contents: [['acetic-acid', 25, 20, 30, 'w/v']], strengthOf: 'acetic-acid', sources: ['label-default'],
  }),
  liquid('lemon-juice', 'lemon juice', {
    names: ['fresh lemon juice', 'lemon', 'juice of lemon', 'lemons', 'lime juice', 'squeezed lemon', 'bottled lemon juice'],
    density: 1.03, contents: [['citric-acid', 5, 4.5, 6, 'w/v'], ['sugar', 2.5, 1.5, 3.5, 'w/v']], strengthOf: 'citric-acid', sources: ['usda-memory'],
  }),
  liquid('hydrogen-peroxide', 'hydrogen peroxide', {
    names: ['peroxide', 'h2o2', 'hydrogen peroxide solution', '10 volume peroxide', 'peroxide solution', 'oxygenated water', 'hydrogen peroxyde'],
    density: 1.01, contents: [['hydrogen-peroxide', 3, 2.7, 3.3, 'w/v']], strengthOf: 'hydrogen-peroxide', sources: ['crc-memory', 'label-default'],
  }),
  liquid('isopropyl-alcohol', 'rubbing alcohol', {
    names: ['isopropyl alcohol', 'isopropanol', 'isopropyl', 'ipa', '2-propanol', 'propan-2-ol', 'isopropyl rubbing alcohol', 'iso alcohol', 'isoprop'],
    density: 0.877, contents: [['isopropanol', 70, 68, 72, 'v/v']], strengthOf: 'isopropanol', sources: ['crc-memory', 'label-default'],
  }),
  liquid('surgical-spirit', 'surgical spirit', {
    names: ['denatured alcohol', 'methylated spirit', 'methylated spirits', 'denatured ethanol', 'denatured spirit', 'cleaning alcohol', 'household alcohol', 'meths'],
    density: 0.813, contents: [['ethanol', 90, 85, 96, 'v/v']], strengthOf: 'ethanol', sources: ['crc-memory', 'label-default'],
  }),
  liquid('vodka', 'vodka', {
    names: ['cheap vodka', 'plain vodka', '80 proof vodka'],
    density: 0.948, contents: [['ethanol', 40, 37.5, 40, 'v/v']], strengthOf: 'ethanol', sources: ['crc-memory', 'label-default'],
  }),
  liquid('castile-soap', 'liquid castile soap', {
    names: ['castile soap', 'castile', 'castille soap', 'pure soap', 'olive oil soap', 'vegetable soap', 'liquid castile', 'unscented castile soap', 'potassium soap', 'black soap', 'soft soap', 'green soap', 'marseille soap', 'savon noir'],
    density: 1.03, contents: [['soap', 33, 25, 40, 'w/w']], strengthOf: 'soap', sources: ['label-default'],
  }),
  liquid('preservative', 'preservative', {
    names: ['broad spectrum preservative', 'cosmetic preservative', 'liquid preservative', 'phenoxyethanol'],
    density: 1.1, contents: [['preservative', 100, 50, 100, 'w/w']], strengthOf: 'preservative', sources: ['label-default'],
  }),
  liquid('dish-soap', 'dish soap', {
    names: ['washing-up liquid', 'washing up liquid', 'dishwashing liquid', 'dish liquid', 'dish detergent', 'liquid dish soap', 'dishwashing soap', 'dish washing liquid', 'liquid detergent', 'dishsoap', 'dish wash', 'dishwash liquid', 'dish washing soap', 'washing up soap', 'washing up detergent', 'hand dishwashing liquid'],
    density: 1.03, contents: [['surfactant', 20, 15, 30, 'w/w']], strengthOf: 'surfactant', sources: ['label-default'],
  }),
  liquid('household-ammonia', 'household ammonia', {
    names: ['ammonia', 'cloudy ammonia', 'clear ammonia', 'ammonia solution', 'ammonium hydroxide', 'sudsy ammonia'],
    density: 0.96, contents: [['ammonia', 7, 5, 10, 'w/w']], strengthOf: 'ammonia', sources: ['label-default'],
  }),
  liquid('glycerin', 'glycerin', {
    names: ['glycerine', 'glycerol', 'vegetable glycerin', 'vegetable glycerine'],
    density: 1.261, contents: [['glycerol', 99.5, 99, 100, 'w/w']], strengthOf: 'glycerol', sources: ['crc'],
  }),
  liquid('neutral-spirit', 'neutral grain spirit', {
    names: ['high proof grain spirit', 'neutral spirit', 'rectified spirit', '190 proof grain alcohol', '95 % ethanol', 'perfumers alcohol'],
    density: 0.811, contents: [['ethanol', 95, 90, 96.5, 'v/v']], strengthOf: 'ethanol', sources: ['oiml-r22', 'label-default'],
  }),
  liquid('witch-hazel', 'witch hazel', {
    names: ['witch hazel water', 'hamamelis water', 'hamamelis'],
    density: 0.98, contents: [['ethanol', 14, 10, 15, 'v/v'], ['plant-matter', 0.1, 0, 0.5, 'w/v']], strengthOf: 'ethanol', sources: ['label-default'],
  }),
  liquid('acetone', 'acetone', {
    names: ['nail polish remover', 'nail varnish remover', 'propanone'],
    density: 0.79, contents: [['acetone', 99, 50, 100, 'v/v']], strengthOf: 'acetone', sources: ['crc-memory'],
  }),
  liquid('infused-vinegar', 'infused vinegar', {
    names: ['citrus vinegar', 'orange vinegar', 'orange peel vinegar', 'lemon vinegar', 'citrus infused vinegar', 'herb vinegar', 'infused white vinegar', 'peel vinegar', 'lavender vinegar', 'orange peel infused vinegar', 'lemon peel infused vinegar', 'citrus peel infused vinegar', 'orange infused vinegar', 'lemon infused vinegar', 'herb infused vinegar', 'rosemary infused vinegar', 'lavender infused vinegar', 'thyme infused vinegar', 'grapefruit peel infused vinegar', 'pine infused vinegar', 'mint infused vinegar'],
    density: 1.005, contents: [['acetic-acid', 4.5, 3.5, 5.5, 'w/v'], ['sweet-orange-oil', 0.2, 0.05, 0.5, 'w/v'], ['plant-matter', 0.1, 0, 0.5, 'w/v']], strengthOf: 'acetic-acid', sources: ['common-practice'],
  }),
  liquid('tea', 'tea', {
    names: ['black tea', 'green tea', 'brewed tea', 'herbal tea', 'strong tea', 'coffee', 'brewed coffee'],
    density: 1, contents: [['plant-matter', 0.3, 0.1, 0.6, 'w/v']], sources: ['common-practice'],
  }),
  liquid('lactic-acid', 'lactic acid', {
    names: ['lactic acid solution', 'lactic', 'lactic acid 80'],
    density: 1.2, contents: [['lactic-acid', 80, 40, 90, 'w/w']], strengthOf: 'lactic-acid', sources: ['label-default'],
  }),
  liquid('laundry-liquid', 'laundry liquid', {
    names: ['liquid laundry detergent', 'laundry detergent', 'laundry soap liquid', 'wool wash', 'hand wash liquid'],
    density: 1.03, contents: [['surfactant', 15, 8, 30, 'w/w']], strengthOf: 'surfactant', sources: ['label-default'],
  }),
  liquid('shampoo', 'shampoo', {
    names: ['body wash', 'baby shampoo', 'shower gel', 'hair shampoo', 'mild shampoo'],
    density: 1.03, contents: [['surfactant', 12, 8, 20, 'w/w'], ['sodium-chloride', 1, 0, 3, 'w/w']], strengthOf: 'surfactant', sources: ['label-default'],
  }),
  liquid('shaving-foam', 'shaving foam', {
    names: ['shaving cream', 'shaving soap', 'shave foam', 'shaving gel'],
    density: 0.9, contents: [['soap', 10, 5, 25, 'w/w'], ['glycerol', 5, 0, 10, 'w/w']], strengthOf: null, sources: ['common-practice'],
  }),
  liquid('ketchup', 'ketchup', {
    names: ['tomato ketchup', 'tomato sauce', 'catsup', 'brown sauce', 'hot sauce', 'worcester sauce'],
    density: 1.14, contents: [['acetic-acid', 1.2, 0.6, 2, 'w/w'], ['sodium-chloride', 2.5, 1, 4, 'w/w'], ['sugar', 20, 5, 25, 'w/w'], ['plant-matter', 5, 2, 8, 'w/w']], strengthOf: null, sources: ['usda-memory'],
  }),
  liquid('fruit-juice', 'fruit juice', {
    names: ['orange juice', 'apple juice', 'pineapple juice', 'grapefruit juice', 'tomato juice', 'rhubarb juice'],
    density: 1.04, contents: [['citric-acid', 0.9, 0.3, 1.5, 'w/v'], ['sugar', 9, 6, 14, 'w/v'], ['plant-matter', 0.5, 0, 1, 'w/v']], strengthOf: null, sources: ['usda-memory'],
  }),
  liquid('aloe-gel', 'aloe vera gel', {
    names: ['aloe', 'aloe vera', 'aloe gel', 'aloe vera juice'],
    density: 1, contents: [['plant-matter', 0.5, 0.2, 1, 'w/v']], sources: ['common-practice'],
  }),
  liquid('rose-water', 'rose water', {
    names: ['rosewater', 'orange blossom water', 'lavender water', 'hydrosol', 'floral water'],
    density: 0.998, contents: [['essential-oil', 0.03, 0.01, 0.05, 'w/v']], sources: ['common-practice'],
  }),
  liquid('sparkling-water', 'sparkling water', {
    names: ['club soda', 'soda water', 'carbonated water', 'seltzer', 'fizzy water'],
    density: 0.9982, water: 'tap', sources: ['common-practice'],
  }),
  liquid('cola', 'cola', {
    names: ['coke drink', 'cola drink', 'soft drink'],
    density: 1.04, contents: [['phosphoric-acid', 0.06, 0.04, 0.08, 'w/v'], ['sugar', 10.5, 0, 11, 'w/v']], sources: ['common-practice'],
  }),
  liquid('vanilla-extract', 'vanilla extract', {
    names: ['vanilla', 'vanilla essence'],
    density: 0.96, contents: [['ethanol', 35, 0, 40, 'v/v'], ['plant-matter', 0.2, 0, 0.5, 'w/v']], strengthOf: 'ethanol', sources: ['label-default'],
  }),
  liquid('milk', 'milk', {
    names: ['whole milk', 'skimmed milk', 'buttermilk', 'sour milk', 'yoghurt', 'yogurt'],
    density: 1.03, contents: [['protein', 3.4, 3, 4, 'w/v'], ['sugar', 4.7, 4, 5, 'w/v'], ['fixed-oil', 3, 0, 4, 'w/v']], sources: ['usda-memory'],
  }),
  liquid('olive-oil', 'olive oil', {
    names: ['extra virgin olive oil', 'virgin olive oil'],
    density: 0.915, contents: [['fixed-oil', 100, 100, 100, 'w/w']], strengthOf: null, sources: ['crc-memory'],
  }),
  liquid('vegetable-oil', 'vegetable oil', {
    names: ['sunflower oil', 'cooking oil', 'rapeseed oil', 'canola oil', 'corn oil', 'soybean oil', 'almond oil', 'sweet almond oil', 'jojoba oil', 'grapeseed oil', 'carrier oil'],
    density: 0.92, contents: [['fixed-oil', 100, 100, 100, 'w/w']], strengthOf: null, sources: ['crc-memory'],
  }),
  liquid('coconut-oil', 'coconut oil', {
    names: ['fractionated coconut oil'],
    density: 0.92, contents: [['fixed-oil', 100, 100, 100, 'w/w']], strengthOf: null, sources: ['crc-memory'],
  }),
  liquid('mineral-oil', 'mineral oil', {
    names: ['paraffin oil', 'liquid paraffin', 'white oil', 'white mineral oil', 'food grade mineral oil', 'chopping board oil', 'cutting board oil', 'board oil', 'butcher block oil'],
    density: 0.85, contents: [['mineral-oil', 100, 100, 100, 'w/w']], strengthOf: null, sources: ['sds-memory'],
  }),
  liquid('drying-oil', 'linseed oil', {
    names: ['tung oil', 'walnut oil', 'boiled linseed oil', 'raw linseed oil', 'teak oil', 'danish oil', 'flaxseed oil'],
    density: 0.93, contents: [['drying-oil', 100, 100, 100, 'w/w']], strengthOf: null, sources: ['crc-memory'],
  }),
] as const;
