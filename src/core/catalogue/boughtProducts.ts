import { liquid, powder } from './entry';

/**
 * Bought products and residues. Biscuit never puts one into a formula: it knows them so that meetings
 * with them are caught. Contents as usually stated on labels and safety data sheets, from memory.
 */
export const BOUGHT_PRODUCTS = [
  liquid('chlorine-bleach', 'chlorine bleach', {
    names: ['bleach', 'household bleach', 'sodium hypochlorite', 'javel', 'javel water', 'thick bleach', 'laundry bleach', 'clorine bleach', 'eau de javel', 'bleach solution', 'hypochlorite', 'naocl', 'naclo', 'liquid bleach'],
    role: 'bought', density: 1.08, contents: [['sodium-hypochlorite', 5, 3, 8, 'w/w'], ['sodium-hydroxide', 0.5, 0.1, 1, 'w/w']], strengthOf: 'sodium-hypochlorite', sources: ['label-default', 'sds-memory'],
  }),
  liquid('bleach-mould-spray', 'bleach mould spray', {
    names: ['bleach mold spray', 'chlorine mould spray', 'bleach mould remover', 'bleach spray'],
    role: 'bought', density: 1.05, contents: [['sodium-hypochlorite', 3, 1.5, 5, 'w/w'], ['sodium-hydroxide', 0.5, 0.1, 1, 'w/w']], strengthOf: 'sodium-hypochlorite', sources: ['sds-memory'],
  }),
  powder('bleach-toilet-block', 'bleach toilet block', {
    names: ['toilet block', 'cistern block', 'bleach tablets', 'chlorine tablets', 'bleach tablet', 'steriliser tablets', 'sterilising tablets', 'dichlor', 'dichlor tablets', 'dichlor granules', 'sodium dichloroisocyanurate', 'sterilising fluid tablets'],
    role: 'bought', bulk: 1, contents: [['sodium-dichloroisocyanurate', 50, 5, 99, 'w/w']], strengthOf: 'sodium-dichloroisocyanurate', sources: ['sds-memory'],
  }),
  powder('trichlor-tablets', 'trichlor tablets', {
    names: ['trichlor', 'trichlor tablet', 'trichloroisocyanuric acid', 'slow chlorine tablets', 'trichlor granules'],
    role: 'bought', bulk: 1, contents: [['trichloroisocyanuric-acid', 95, 85, 100, 'w/w']], strengthOf: 'trichloroisocyanuric-acid', sources: ['sds-memory'],
  }),
  powder('chlorine-granules', 'chlorine granules', {
    names: ['calcium hypochlorite granules', 'pool shock granules'],
    role: 'bought', bulk: 0.9, contents: [['calcium-hypochlorite', 68, 60, 78, 'w/w']], strengthOf: 'calcium-hypochlorite', sources: ['sds-memory'],
  }),
  powder('chlorine-scouring-powder', 'bleach scouring powder', {
    names: ['scouring powder with bleach', 'chlorine scouring powder', 'cleanser with bleach', 'bleach cleanser', 'bleaching scouring powder', 'chlorinated scouring powder'],
    role: 'bought', bulk: 0.9, contents: [['chalk', 90, 80, 95, 'w/w'], ['sodium-dichloroisocyanurate', 1.5, 0.5, 4, 'w/w'], ['surfactant', 1.5, 0.5, 3, 'w/w']], sources: ['sds-memory'],
  }),
  liquid('acid-toilet-cleaner', 'acid toilet cleaner', {
    names: ['acid toilet bowl cleaner', 'hydrochloric toilet cleaner'],
    role: 'bought', density: 1.05, contents: [['hydrogen-chloride', 10, 5, 20, 'w/w']], strengthOf: 'hydrogen-chloride', sources: ['sds-memory'],
  }),
  liquid('muriatic-acid', 'muriatic acid', {
    names: ['hydrochloric acid', 'brick acid', 'spirits of salt', 'spirit of salt', 'hydrogen chloride', 'hcl', 'pool acid'],
    role: 'bought', density: 1.15, contents: [['hydrogen-chloride', 31, 10, 37, 'w/w']], strengthOf: 'hydrogen-chloride', sources: ['sds-memory'],
  }),
  powder('dry-acid', 'sodium bisulfate', {
    names: ['sodium bisulphate', 'sodium hydrogen sulfate', 'sodium hydrogen sulphate', 'ph minus', 'ph down', 'dry acid', 'bisulfate', 'bisulphate'],
    role: 'bought', bulk: 1.4, contents: [['sodium-bisulfate', 95, 90, 100, 'w/w']], sources: ['sds-memory'],
  }),
  liquid('formic-acid', 'formic acid', {
    names: ['formic acid descaler', 'formic', 'methanoic acid'],
    role: 'bought', density: 1.14, contents: [['formic-acid', 60, 5, 85, 'w/w']], strengthOf: 'formic-acid', sources: ['sds-memory'],
  }),
  liquid('glacial-acetic-acid', 'glacial acetic acid', {
    names: ['glacial acetic', 'pure acetic acid', 'concentrated acetic acid', 'ethanoic acid', '99 % acetic acid'],
    role: 'bought', density: 1.05, contents: [['acetic-acid', 99, 80, 100, 'w/w']], strengthOf: 'acetic-acid', sources: ['crc-memory', 'sds-memory'],
  }),
  liquid('laboratory-nitric-acid', 'laboratory nitric acid', {
    names: ['fuming nitric acid'],
    role: 'bought', density: 1.4, contents: [['nitric-acid', 65, 10, 70, 'w/w']], strengthOf: 'nitric-acid', sources: ['sds-memory'],
  }),
  liquid('laboratory-hydrofluoric-acid', 'laboratory hydrofluoric acid', {
    names: ['hydrogen fluoride'],
    role: 'bought', density: 1.05, contents: [['hydrofluoric-acid', 10, 1, 48, 'w/w']], strengthOf: 'hydrofluoric-acid', sources: ['sds-memory'],
  }),
  powder('ammonium-bifluoride', 'ammonium bifluoride', {
    names: ['ammonium hydrogen fluoride', 'ammonium hydrogen difluoride', 'bifluoride', 'bifluoride rust remover', 'bifluoride wheel cleaner'],
    role: 'bought', bulk: 0.9, contents: [['ammonium-bifluoride', 95, 2, 100, 'w/w']], sources: ['sds-memory'],
  }),
  liquid('peracetic-acid', 'peracetic acid', {
    names: ['peroxyacetic acid', 'peracetic acid solution', 'peracetic acid sanitiser', 'peracetic acid sanitizer'],
    role: 'bought', density: 1.1, contents: [['peracetic-acid', 5, 1, 15, 'w/w'], ['hydrogen-peroxide', 20, 5, 27, 'w/w'], ['acetic-acid', 10, 5, 30, 'w/w']], strengthOf: 'peracetic-acid', sources: ['sds-memory'],
  }),
  powder('sulfamic-descaler', 'sulfamic acid descaler', {
    names: ['sulfamic acid', 'sulphamic acid', 'kettle descaler powder'],
    role: 'bought', bulk: 1.1, contents: [['sulfamic-acid', 95, 40, 100, 'w/w']], sources: ['sds-memory'],
  }),
  liquid('lye-oven-cleaner', 'lye oven cleaner', {
    names: ['oven cleaner', 'caustic oven cleaner', 'oven spray'],
    role: 'bought', density: 1.05, contents: [['sodium-hydroxide', 5, 2, 10, 'w/w']], strengthOf: 'sodium-hydroxide', sources: ['sds-memory'],
  }),
  powder('lye', 'lye', {
    names: ['caustic soda', 'sodium hydroxide', 'alkaline drain opener', 'lye drain opener', 'drain crystals', 'naoh', 'caustic soda crystals', 'lye crystals', 'lye flakes'],
    role: 'bought', bulk: 1.1, contents: [['sodium-hydroxide', 98, 40, 100, 'w/w']], sources: ['sds-memory'],
  }),
  powder('potassium-hydroxide', 'potash lye', {
    names: ['potassium hydroxide', 'koh', 'caustic potash', 'potassium hydroxide flakes'],
    role: 'bought', bulk: 1.1, contents: [['potassium-hydroxide', 90, 45, 100, 'w/w']], sources: ['sds-memory'],
  }),
  powder('quicklime', 'quicklime', {
    names: ['burnt lime', 'calcium oxide', 'unslaked lime'],
    role: 'bought', bulk: 0.9, contents: [['calcium-oxide', 92, 80, 98, 'w/w']], sources: ['sds-memory'],
  }),
  powder('trisodium-phosphate', 'trisodium phosphate', {
    names: ['tsp cleaner', 'sodium phosphate tribasic'],
    role: 'bought', bulk: 0.9, contents: [['trisodium-phosphate', 98, 90, 100, 'w/w']], sources: ['sds-memory'],
  }),
  liquid('acid-drain-opener', 'acid drain opener', {
    names: ['sulfuric acid', 'sulphuric acid', 'acid drain cleaner', 'battery acid', 'one shot drain cleaner'],
    role: 'bought', density: 1.8, contents: [['sulfuric-acid', 90, 30, 98, 'w/w']], strengthOf: 'sulfuric-acid', sources: ['sds-memory'],
  }),
  liquid('phosphoric-cleaner', 'phosphoric acid cleaner', {
    names: ['phosphoric acid', 'rust converter', 'bathroom acid cleaner', 'shower descaler'],
    role: 'bought', density: 1.1, contents: [['phosphoric-acid', 10, 3, 30, 'w/w']], strengthOf: 'phosphoric-acid', sources: ['sds-memory'],
  }),
  powder('oxalic-cleaner', 'oxalic acid cleaner', {
    names: ['oxalic acid', 'deck brightener', 'wood bleach'],
    role: 'bought', bulk: 0.9, contents: [['oxalic-acid', 60, 5, 100, 'w/w']], strengthOf: 'oxalic-acid', sources: ['sds-memory'],
  }),
  powder('dishwasher-tablet', 'dishwasher tablet', {
    names: ['dishwasher powder', 'dishwasher tablets', 'dishwasher detergent', 'dishwasher pod', 'dishwasher tab'],
    role: 'bought', bulk: 1, contents: [['sodium-carbonate', 40, 20, 60, 'w/w'], ['sodium-percarbonate', 12, 5, 20, 'w/w'], ['sodium-metasilicate', 5, 0, 10, 'w/w'], ['surfactant', 3, 1, 10, 'w/w']], sources: ['sds-memory'],
  }),
  powder('laundry-powder', 'laundry powder', {
    names: ['washing powder', 'laundry detergent powder', 'biological washing powder', 'laundry tablets'],
    role: 'bought', bulk: 0.7, contents: [['sodium-carbonate', 25, 10, 40, 'w/w'], ['sodium-percarbonate', 12, 0, 20, 'w/w'], ['surfactant', 12, 5, 20, 'w/w']], sources: ['sds-memory'],
  }),
  liquid('white-spirit', 'white spirit', {
    names: ['mineral spirits', 'paint thinner', 'turps substitute', 'lamp oil', 'paraffin', 'kerosene'],
    role: 'bought', density: 0.78, contents: [['petroleum-spirit', 100, 90, 100, 'w/w']], sources: ['sds-memory'],
  }),
  liquid('turpentine', 'turpentine', {
    names: ['turps', 'pure turpentine', 'gum turpentine', 'spirit of turpentine', 'spirits of turpentine', 'oil of turpentine'],
    role: 'bought', density: 0.865, contents: [['turpentine', 100, 95, 100, 'w/w']], sources: ['sds-memory'],
  }),
  liquid('petrol', 'petrol', {
    names: ['gasoline', 'gas from the pump', 'benzine', 'lighter fluid', 'naphtha', 'white gas', 'camping fuel'],
    role: 'bought', density: 0.74, contents: [['petrol', 100, 95, 100, 'w/w']], sources: ['sds-memory'],
  }),
  liquid('methanol', 'methanol', {
    names: ['methyl alcohol'],
    role: 'bought', density: 0.791, contents: [['methanol', 99, 50, 100, 'w/w']], strengthOf: 'methanol', sources: ['crc-memory', 'sds-memory'],
  }),
  liquid('ammonia-cleaner', 'ammonia cleaner', {
    names: ['ammonia glass cleaner', 'ammonia window cleaner', 'blue glass cleaner', 'ammonia floor cleaner'],
    role: 'bought', density: 0.99, contents: [['ammonia', 2, 0.5, 5, 'w/w']], strengthOf: 'ammonia', sources: ['sds-memory'],
  }),
  liquid('quaternary-disinfectant', 'quaternary disinfectant', {
    names: ['quat', 'quats', 'benzalkonium chloride', 'quaternary ammonium disinfectant', 'quat disinfectant'],
    role: 'bought', density: 1, contents: [['quaternary-ammonium', 0.5, 0.1, 5, 'w/w']], sources: ['sds-memory'],
  }),
  liquid('hand-sanitiser', 'hand sanitiser', {
    names: ['hand sanitizer', 'hand gel', 'alcohol gel', 'sanitiser', 'sanitizer'],
    role: 'bought', density: 0.88, contents: [['ethanol', 65, 60, 80, 'v/v']], strengthOf: 'ethanol', sources: ['label-default'],
  }),
  liquid('fabric-softener', 'fabric softener', {
    names: ['fabric conditioner', 'laundry softener', 'hair conditioner', 'conditioner'],
    role: 'bought', density: 1, contents: [['quaternary-ammonium', 5, 3, 15, 'w/w']], sources: ['sds-memory'],
  }),
  liquid('rinse-aid', 'rinse aid', {
    names: ['dishwasher rinse aid', 'rinse agent'],
    role: 'bought', density: 1.02, contents: [['surfactant', 10, 5, 20, 'w/w'], ['citric-acid', 5, 2, 10, 'w/w']], sources: ['sds-memory'],
  }),
  powder('toothpaste', 'toothpaste', {
    names: ['tooth paste', 'white toothpaste'],
    role: 'bought', bulk: 1.3, contents: [['chalk', 30, 10, 50, 'w/w'], ['surfactant', 1.5, 0.5, 2.5, 'w/w'], ['glycerol', 30, 10, 50, 'w/w']], sources: ['common-practice'],
  }),
  liquid('urine', 'urine or litter', {
    names: ['cat litter', 'litter tray', 'cat urine', 'pet urine', 'soiled litter', 'dog urine', 'litter', 'pee'],
    role: 'residue', density: 1.02, contents: [['urea', 2, 1, 4, 'w/v'], ['ammonia', 0.05, 0.01, 0.5, 'w/v']], sources: ['public-health-never-mix'],
  }),
  liquid('sweat', 'sweat or dog smell', {
    names: ['dog bedding', 'pet accident'],
    role: 'residue', density: 1, contents: [['ammonia', 0.02, 0, 0.1, 'w/v'], ['urea', 0.2, 0, 1, 'w/v']], sources: ['public-health-never-mix'],
  }),
  powder('rust', 'rust', {
    names: ['rust stain', 'rusty metal', 'iron filings', 'verdigris'],
    role: 'residue', bulk: 1.5, contents: [['iron-salt', 5, 1, 20, 'w/w']], sources: ['sds-memory'],
  }),
  powder('zinc', 'zinc', {
    names: ['galvanised steel', 'galvanized steel', 'galvanised bucket', 'galvanized bucket', 'zinc bucket'],
    role: 'residue', bulk: 1.5, contents: [['zinc', 95, 5, 100, 'w/w']], sources: ['crc'],
  }),
  powder('limescale', 'limescale', {
    names: ['lime scale', 'scale', 'water stone', 'hard water scale'],
    role: 'residue', bulk: 1.2, contents: [['chalk', 90, 70, 98, 'w/w']], sources: ['crc'],
  }),
  // Lime as builders use it: an alkali, nothing of a fruit.
  powder('hydrated-lime', 'hydrated lime', {
    names: ['slaked lime', 'calcium hydroxide', 'builders lime', 'garden lime', 'lime powder', 'lime putty', 'pickling lime', 'cal'],
    role: 'bought', bulk: 0.6, contents: [['calcium-hydroxide', 95, 90, 100, 'w/w']], sources: ['crc-memory', 'sds-memory'],
  }),
  // What a name tells only the class of is judged as the worst of that class until it is answered.
  liquid('unknown-acid', 'acid of unknown kind', {
    names: ['unknown acid'],
    role: 'bought', density: 1.2, contents: [['hydrogen-chloride', 30, 1, 37, 'w/w'], ['acetic-acid', 30, 1, 99, 'w/w']], sources: ['sds-memory'],
  }),
  liquid('unknown-alkali', 'caustic of unknown kind', {
    names: ['unknown caustic'],
    role: 'bought', density: 1.3, contents: [['sodium-hydroxide', 40, 1, 100, 'w/w']], sources: ['sds-memory'],
  }),
  liquid('unknown-peroxide', 'peroxide of unknown strength', {
    names: ['unknown peroxide'],
    role: 'bought', density: 1.13, contents: [['hydrogen-peroxide', 35, 3, 50, 'w/w']], strengthOf: 'hydrogen-peroxide', sources: ['sds-memory'],
  }),
  liquid('unknown-solvent', 'solvent of unknown kind', {
    names: ['unknown solvent'],
    role: 'bought', density: 0.8, contents: [['acetone', 50, 0, 100, 'w/w'], ['ethanol', 25, 0, 100, 'w/w'], ['petroleum-spirit', 25, 0, 100, 'w/w']], sources: ['sds-memory'],
  }),
] as const;
