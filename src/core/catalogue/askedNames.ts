/**
 * Names that do not say which thing is meant. Each is asked about, and until the answer comes it is judged
 * as the worst of what it may be.
 */

/** Why a name has to be asked about. */
type AskedBecause = 'several-meanings' | 'unknown-kind' | 'unknown-class';

interface AskedRow {
  readonly because: AskedBecause;
  /** Lower case; hyphens, plurals and accents do not matter. */
  readonly names: readonly string[];
  /** Ids of what it may be, the usual one first. */
  readonly choices: readonly string[];
}

/** What people call by one name, and what it may be. Common practice, no source. */
export const ASKED_NAMES: readonly AskedRow[] = [
  // One word for several ingredients.
  { because: 'several-meanings', names: ['soap', 'plain soap', 'natural soap'], choices: ['castile-soap', 'dish-soap', 'soap-flakes'] },
  { because: 'several-meanings', names: ['liquid soap', 'hand soap', 'liquid hand soap'], choices: ['castile-soap', 'dish-soap'] },
  { because: 'several-meanings', names: ['alcohol', 'spirit', 'clear spirit', 'rubbing spirit', 'high proof alcohol', 'drinking alcohol'], choices: ['isopropyl-alcohol', 'surgical-spirit', 'vodka', 'neutral-spirit'] },
  { because: 'several-meanings', names: ['ethanol', 'ethyl alcohol', 'grain alcohol', 'bioethanol'], choices: ['neutral-spirit', 'surgical-spirit', 'vodka'] },
  { because: 'several-meanings', names: ['soda', 'soda powder'], choices: ['baking-soda', 'washing-soda', 'washing-soda-crystals', 'lye'] },
  { because: 'several-meanings', names: ['oil', 'oils'], choices: ['essential-oil', 'vegetable-oil', 'olive-oil'] },
  { because: 'several-meanings', names: ['detergent', 'cleaning detergent', 'soap liquid'], choices: ['dish-soap', 'laundry-liquid', 'laundry-powder'] },
  { because: 'several-meanings', names: ['acetic acid'], choices: ['vinegar-essence', 'white-vinegar', 'glacial-acetic-acid'] },
  { because: 'several-meanings', names: ['soapy water', 'soap water'], choices: ['dish-soap', 'castile-soap', 'water'] },
  { because: 'several-meanings', names: ['salt water', 'salted water', 'saline'], choices: ['salt', 'water'] },
  { because: 'several-meanings', names: ['ammonia water', 'aqueous ammonia'], choices: ['household-ammonia', 'water'] },
  { because: 'several-meanings', names: ['lime'], choices: ['lemon-juice', 'hydrated-lime'] },
  { because: 'several-meanings', names: ['orange', 'oranges'], choices: ['sweet-orange-oil', 'citrus-peel', 'fruit-juice'] },
  { because: 'several-meanings', names: ['grapefruit'], choices: ['grapefruit-oil', 'citrus-peel', 'fruit-juice'] },
  { because: 'several-meanings', names: ['peroxide bleach', 'hydrogen peroxide bleach', 'peroxide based bleach'], choices: ['chlorine-bleach', 'hydrogen-peroxide', 'oxygen-bleach'] },
  { because: 'several-meanings', names: ['lemon soda', 'diet soda', 'cream soda', 'lemonade'], choices: ['cola', 'sparkling-water'] },
  { because: 'several-meanings', names: ['sulphate', 'sulfate', 'water softener', 'softener'], choices: ['washing-soda', 'fabric-softener', 'salt'] },
  { because: 'several-meanings', names: ['peel of lemon', 'lemon peel only'], choices: ['citrus-peel'] },

  // A bought product that could be of either kind.
  { because: 'unknown-kind', names: ['toilet cleaner', 'toilet bowl cleaner', 'toilet gel', 'toilet bowl gel', 'wc cleaner', 'loo cleaner', 'loo gel', 'bathroom cleaner', 'bathroom spray', 'shower cleaner', 'shower spray'], choices: ['chlorine-bleach', 'acid-toilet-cleaner'] },
  { because: 'unknown-kind', names: ['scouring powder', 'cleansing powder', 'abrasive cleaner', 'abrasive powder', 'cleanser', 'scrub powder', 'cream cleanser', 'cream cleaner', 'scouring cleanser', 'powder cleanser'], choices: ['chlorine-scouring-powder', 'pumice-powder'] },
  { because: 'unknown-kind', names: ['drain opener', 'drain cleaner', 'drain unblocker', 'drain gel', 'drain cleaning liquid', 'sink unblocker', 'pipe cleaner'], choices: ['lye', 'acid-drain-opener', 'chlorine-bleach'] },
  { because: 'unknown-kind', names: ['disinfectant', 'disinfectant spray', 'disinfecting spray', 'disinfectant cleaner', 'antibacterial spray', 'antibacterial cleaner', 'sanitising spray', 'sanitizing spray', 'germ killer', 'surface disinfectant'], choices: ['quaternary-disinfectant', 'chlorine-bleach', 'hydrogen-peroxide', 'surgical-spirit'] },
  { because: 'unknown-kind', names: ['mould remover', 'mold remover', 'mildew remover', 'mould and mildew remover', 'mould killer', 'mold killer', 'mould spray', 'mold spray', 'mould cleaner', 'mold cleaner'], choices: ['bleach-mould-spray', 'quaternary-disinfectant', 'hydrogen-peroxide'] },
  { because: 'unknown-kind', names: ['descaler', 'limescale remover', 'kettle descaler', 'scale remover', 'descaling liquid', 'descaling powder'], choices: ['acid-toilet-cleaner', 'sulfamic-descaler', 'phosphoric-cleaner', 'citric-acid'] },
  { because: 'unknown-kind', names: ['rust remover', 'rust stain remover', 'rust treatment'], choices: ['oxalic-cleaner', 'phosphoric-cleaner', 'laboratory-hydrofluoric-acid'] },
  { because: 'unknown-kind', names: ['wheel cleaner', 'alloy wheel cleaner', 'rim cleaner', 'aluminium brightener', 'aluminum brightener'], choices: ['ammonium-bifluoride', 'phosphoric-cleaner', 'unknown-alkali'] },
  { because: 'unknown-kind', names: ['glass cleaner', 'window cleaner', 'window spray', 'glass spray', 'blue window liquid'], choices: ['ammonia-cleaner', 'isopropyl-alcohol'] },
  { because: 'unknown-kind', names: ['stain remover', 'laundry booster', 'whitener', 'laundry whitener'], choices: ['oxygen-bleach', 'chlorine-bleach', 'laundry-liquid'] },
  { because: 'unknown-kind', names: ['cleaner', 'cleaning product', 'cleaning spray', 'cleaning liquid', 'cleaning agent', 'bought cleaner', 'all purpose cleaner', 'multi purpose cleaner', 'multipurpose cleaner', 'multi surface cleaner', 'surface cleaner', 'surface spray', 'household cleaner', 'kitchen cleaner', 'kitchen spray', 'floor cleaner', 'degreaser', 'tile cleaner', 'grout cleaner', 'hob cleaner', 'patio cleaner', 'deck cleaner', 'brick cleaner', 'carpet cleaner', 'upholstery cleaner', 'washing machine cleaner', 'dishwasher cleaner', 'jewellery cleaner', 'metal polish', 'silver polish', 'furniture polish'], choices: ['chlorine-bleach', 'acid-toilet-cleaner', 'ammonia-cleaner', 'lye-oven-cleaner', 'quaternary-disinfectant'] },
  { because: 'unknown-kind', names: ['dishwasher liquid', 'dishwasher gel', 'machine dishwashing liquid'], choices: ['dishwasher-tablet', 'dish-soap', 'chlorine-bleach'] },
  { because: 'unknown-kind', names: ['pool shock', 'pool chlorine', 'pool chemical', 'pool tablet', 'pool granule', 'shock treatment', 'chlorine', 'chlorine granule', 'chlorine powder', 'swimming pool chlorine', 'hot tub chlorine', 'bleaching powder', 'chloride of lime', 'chlorinated lime', 'calcium hypochlorite', 'bleach powder', 'bleach granule', 'powdered bleach', 'chlorine bleach powder'], choices: ['chlorine-granules', 'bleach-toilet-block', 'trichlor-tablets'] },
  { because: 'unknown-kind', names: ['bleach alternative', 'bleach substitute', 'colour safe bleach', 'color safe bleach', 'bleach for colours', 'bleach pen', 'bleaching agent', 'hair bleach'], choices: ['oxygen-bleach', 'chlorine-bleach', 'hydrogen-peroxide'] },
  { because: 'unknown-kind', names: ['borax substitute', 'borax alternative'], choices: ['washing-soda', 'borax'] },
  { because: 'unknown-kind', names: ['tsp substitute', 'sugar soap'], choices: ['unknown-alkali', 'washing-soda'] },
  { because: 'unknown-kind', names: ['smelling salt', 'smelling salts', 'sal volatile', 'hartshorn'], choices: ['household-ammonia', 'ammonium-chloride'] },

  // A class whose members the catalogue does not hold.
  { because: 'unknown-class', names: ['methylene chloride', 'dichloromethane', 'brake cleaner', 'carburettor cleaner', 'diesel', 'toluene', 'xylene', 'butanone', 'mek', 'lacquer thinner', 'cellulose thinner', 'sticky label remover', 'paint stripper', 'trichloroethylene', 'perchloroethylene', 'dry cleaning fluid', 'ether', 'ethyl acetate'], choices: ['unknown-solvent'] },
  { because: 'unknown-class', names: ['bleach activator', 'potassium monopersulfate', 'oxone', 'sodium persulfate', 'carbamide peroxide', 'urea peroxide', 'benzoyl peroxide', 'calcium peroxide', 'food grade peroxide concentrate', 'hair developer', 'developer'], choices: ['unknown-peroxide'] },
  { because: 'unknown-class', names: ['caustic', 'caustic powder', 'caustic liquid', 'alkali'], choices: ['unknown-alkali'] },
  { because: 'unknown-class', names: ['nitric acid', 'nitric', 'aqua fortis', 'diluted nitric acid'], choices: ['laboratory-nitric-acid', 'unknown-acid'] },
  { because: 'unknown-class', names: ['hydrofluoric acid', 'hydrofluoric', 'hydrofluoric rust remover'], choices: ['laboratory-hydrofluoric-acid', 'unknown-acid'] },
  { because: 'unknown-class', names: ['wood alcohol', 'wood spirit'], choices: ['methanol', 'unknown-solvent'] },
  { because: 'unknown-class', names: ['acid'], choices: ['unknown-acid', 'citric-acid', 'white-vinegar'] },
  { because: 'unknown-class', names: ['ammonium bicarbonate', 'ammonium carbonate', 'ammonium sulphate', 'ammonium nitrate', 'ammonia salt'], choices: ['household-ammonia', 'unknown-acid'] },
  { because: 'unknown-class', names: ['sodium metabisulfite', 'sodium metabisulphite', 'sodium bisulfite', 'campden tablet'], choices: ['unknown-acid'] },

  // Words of other languages: understood well enough to ask.
  { because: 'unknown-kind', names: ['lejia', 'chlorbleiche', 'candeggina', 'eau de javel', 'javelle', 'varechina', 'agua lavandina', 'lavandina', 'bleekmiddel', 'bleekwater', 'klorin', 'klorox', 'hypochlorite de sodium', 'natriumhypochlorit', 'chlorix', 'chlorreiniger', 'hipoclorito', 'ipoclorito', 'agua sanitaria', 'wybielacz', 'chlore'], choices: ['chlorine-bleach'] },
  { because: 'unknown-kind', names: ['ammoniak', 'ammoniaque', 'amoniaco', 'ammoniaca', 'salmiakgeist'], choices: ['household-ammonia'] },
  { because: 'unknown-kind', names: ['agua oxigenada', 'eau oxygenee', 'wasserstoffperoxid', 'acqua ossigenata', 'peroxyde d hydrogene', 'peroxyde'], choices: ['hydrogen-peroxide'] },
  { because: 'unknown-kind', names: ['essig', 'vinaigre', 'vinaigre blanc', 'vinagre', 'vinagre blanco', 'aceto', 'essigessenz', 'azijn'], choices: ['white-vinegar', 'vinegar-essence'] },
  { because: 'unknown-kind', names: ['natron', 'bicarbonato', 'bicarbonate de soude', 'bicarbonato de sodio', 'backnatron'], choices: ['baking-soda'] },
  { because: 'unknown-kind', names: ['waschsoda', 'cristaux de soude', 'carbonate de soude'], choices: ['washing-soda'] },
  { because: 'unknown-kind', names: ['zitronensaeure', 'zitronensaure', 'acide citrique', 'acido citrico'], choices: ['citric-acid'] },
  { because: 'unknown-kind', names: ['salzsaeure', 'salzsaure', 'acide chlorhydrique', 'acido muriatico', 'acido cloridrico', 'salfuman'], choices: ['muriatic-acid'] },
  { because: 'unknown-kind', names: ['soude caustique', 'soda caustica', 'sosa caustica', 'atznatron', 'aetznatron', 'natronlauge'], choices: ['lye'] },
  { because: 'unknown-kind', names: ['spiritus', 'brennspiritus', 'alcool', 'alcool a bruler', 'alcohol etilico', 'alkohol'], choices: ['surgical-spirit'] },
];

/** A word that tells the class of what it stands in, wherever it stands in a name. */
export const CLASS_WORDS: ReadonlyMap<string, readonly string[]> = new Map(
  (
    [
      ['unknown-acid', ['acid', 'muriatic', 'hydrochloric', 'sulfuric', 'sulphuric', 'nitric', 'hydrofluoric', 'phosphoric', 'oxalic', 'sulfamic', 'sulphamic', 'formic', 'glacial', 'bisulfate', 'bisulphate', 'bifluoride']],
      ['chlorine-bleach', ['bleach', 'hypochlorite', 'chlorox', 'javel']],
      ['chlorine-granules', ['chlorine', 'chlorite', 'chlorate', 'dichlor', 'trichlor', 'chlorinated', 'dichloroisocyanurate', 'trichloroisocyanuric', 'perchlorate']],
      ['unknown-peroxide', ['peroxide', 'perborate', 'percarbonate', 'persulfate', 'persulphate', 'peroxy', 'peracetic', 'permanganate']],
      ['unknown-alkali', ['hydroxide', 'caustic', 'lye', 'quicklime', 'metasilicate', 'potash']],
      ['household-ammonia', ['ammonia', 'ammonium', 'ammoniated']],
      ['unknown-solvent', ['solvent', 'thinner', 'petrol', 'gasoline', 'methanol', 'acetone', 'ketone', 'toluene', 'xylene', 'naphtha', 'turpentine', 'kerosene', 'paraffin', 'petroleum', 'benzene', 'diesel']],
      ['surgical-spirit', ['alcohol', 'ethanol', 'isopropanol', 'methylated', 'spirit']],
      ['quaternary-disinfectant', ['quat', 'quaternary', 'benzalkonium', 'disinfectant', 'sanitiser', 'sanitizer']],
    ] as const
  ).flatMap(([id, words]) => words.map((w) => [w, [id]] as const)),
);
