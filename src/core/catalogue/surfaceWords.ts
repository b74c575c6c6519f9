/** What people call the surfaces of a home, beside the names in the table of surfaces: common practice, no source. */

interface Called {
  /** Ids of surfaces: where there are several, a word may mean any of them, and it is asked. */
  readonly of: readonly string[];
  readonly words: readonly string[];
}

const WORKTOPS = ['marble', 'granite-sealed', 'granite-unsealed', 'slate', 'soapstone', 'engineered-quartz', 'stainless-steel', 'laminate', 'varnished-wood', 'waxed-wood'];
const BATHS = ['bath-enamel', 'old-enamel', 'acrylic'];
const PANS = ['stainless-steel', 'aluminium', 'cast-iron', 'enamel', 'non-stick'];
const WOODS = ['varnished-wood', 'waxed-wood'];
const CUPBOARDS = ['gloss-paint', 'varnished-wood', 'laminate'];
const SINKS = ['stainless-steel', 'ceramic-sink', 'composite-sink'];
const TAPS = ['chrome', 'brass', 'lacquered-brass', 'coated-tap'];
const STONES = ['marble', 'limestone', 'travertine', 'granite-sealed', 'granite-unsealed', 'slate'];
const CHAIRS = ['upholstery', 'varnished-wood', 'waxed-wood', 'garden-plastic', 'wicker'];
const PLASTICS = ['plastic-pe-pp', 'polystyrene', 'acrylic', 'soft-touch-plastic'];

const SURFACE_WORDS: readonly Called[] = [
  // Kitchen.
  { of: WORKTOPS, words: ['work surface', 'work top', 'counter top', 'bench top', 'benchtop', 'kitchen side', 'kitchen bench', 'breakfast bar', 'vanity top', 'vanity'] },
  { of: ['glazed-tile', 'glass', 'stainless-steel'], words: ['splashback', 'splash back', 'backsplash'] },
  { of: SINKS, words: ['washing up sink', 'wash basin', 'draining board', 'drainboard'] },
  { of: ['ceramic-sink'], words: ['farmhouse sink', 'apron sink', 'belfast sink', 'pedestal basin', 'porcelain sink'] },
  { of: ['induction-hob', 'gas-hob', 'enamel'], words: ['stovetop', 'stove top', 'cooking range', 'range', 'range cooker', 'cooker top', 'hot plate', 'hotplate'] },
  { of: ['induction-hob', 'cast-iron'], words: ['electric hob', 'electric stove', 'electric cooker'] },
  { of: ['gas-hob'], words: ['gas burner cap', 'burner cap', 'burner head', 'burner grate', 'pan stand', 'trivet', 'hob grate'] },
  { of: ['enamel'], words: ['oven floor', 'oven wall', 'broiler'] },
  { of: ['oven-racks'], words: ['oven shelf', 'wire rack', 'cooling rack', 'cookie sheet', 'baking sheet', 'roasting tray', 'sheet pan'] },
  { of: ['oven-racks', 'aluminium', 'non-stick'], words: ['roasting tin', 'cake tin', 'baking tin', 'muffin tin', 'loaf tin', 'baking pan', 'cake pan', 'tin'] },
  { of: ['oven-racks', 'cast-iron', 'non-stick'], words: ['grill pan', 'broiler pan', 'griddle', 'griddle pan'] },
  { of: ['cast-iron', 'non-stick', 'stainless-steel'], words: ['skillet', 'saute pan'] },
  { of: PANS, words: ['saucepan', 'sauce pan', 'pot', 'cooking pot', 'stock pot', 'stockpot', 'cookware', 'burnt pan'] },
  { of: ['enamel', 'cast-iron', 'glazed-tile'], words: ['casserole', 'dutch oven', 'roasting dish'] },
  { of: ['glazed-tile'], words: ['baking dish', 'oven dish', 'pie dish', 'ramekin', 'china', 'bone china', 'earthenware', 'stoneware', 'dinner plate', 'porcelain plate', 'tea cup', 'teacup', 'coffee cup', 'coffee mug', 'tea pot', 'saucer', 'wall tile', 'floor tile', 'shower wall', 'shower tile', 'mosaic'] },
  { of: ['toilet-bowl', 'glazed-tile', 'drinking-glass'], words: ['bowl'] },
  { of: ['enamel'], words: ['enamel pot', 'enamel pan', 'enamel mug', 'enamelware'] },
  { of: ['stainless-steel', 'silver'], words: ['flatware', 'fork', 'spoon', 'teaspoon', 'tableware', 'table knife'] },
  { of: ['stainless-steel'], words: ['grater', 'colander', 'sieve', 'ladle', 'steel pan', 'dishwasher door', 'toaster outside'] },
  { of: ['knife'], words: ['scissors', 'kitchen scissors', 'shears', 'peeler', 'razor blade', 'penknife'] },
  { of: ['cast-iron'], words: ['garden tool', 'hand tool', 'spade', 'spanner', 'chisel'] },
  { of: ['drinking-glass'], words: ['drinking glass', 'champagne glass', 'beer glass', 'decanter', 'glass jug', 'jug', 'jar', 'glass jar', 'glassware', 'stemware'] },
  { of: ['drinking-glass', 'stainless-steel'], words: ['cafetiere', 'french press', 'coffee press'] },
  { of: ['aluminium', 'stainless-steel'], words: ['moka pot', 'stovetop coffee maker'] },
  { of: ['thermos', 'plastic-pe-pp'], words: ['water bottle', 'drink bottle', 'drinks bottle', 'sports bottle'] },
  { of: ['thermos'], words: ['insulated mug', 'travel mug', 'steel mug', 'vacuum bottle'] },
  { of: ['polystyrene', 'drinking-glass'], words: ['blender', 'blender jug', 'liquidiser', 'food processor', 'mixer jug', 'smoothie maker'] },
  { of: ['plastic-pe-pp'], words: ['juicer', 'ice cube tray', 'washing up bowl', 'lunchbox', 'food container', 'food storage box', 'plastic box', 'plastic tub', 'plastic container', 'storage box', 'crate', 'laundry basket', 'trash can', 'garbage can', 'rubbish can', 'dustbin', 'dust bin', 'kitchen bin', 'waste bin', 'wheelie bin', 'wheelie', 'recycling bin', 'nappy bin', 'diaper pail', 'bread bin', 'compost caddy', 'compost bin', 'food caddy', 'building block', 'bath toy', 'plastic toy', 'potty', 'comb', 'hair comb', 'dustpan', 'broom', 'washing basket', 'tooth mug', 'toilet brush', 'toilet brush holder', 'pet bowl', 'dog bowl', 'hamster cage', 'plastic bottle', 'spray bottle'] },
  { of: ['plastic-pe-pp', 'varnished-wood'], words: ['toilet seat', 'toilet lid', 'loo seat'] },
  { of: ['stainless-steel', 'non-stick', 'glazed-tile'], words: ['slow cooker', 'rice cooker', 'pressure cooker', 'multicooker'] },
  { of: ['stainless-steel', 'plastic-pe-pp'], words: ['dish rack', 'drying rack', 'dish drainer'] },
  { of: ['extractor-filter-steel', 'extractor-filter-aluminium'], words: ['range hood', 'vent hood', 'kitchen hood', 'extractor hood', 'hood', 'range filter'] },
  { of: ['fridge-inside'], words: ['fridge freezer', 'ice chest', 'salad drawer', 'vegetable drawer', 'chest freezer', 'icebox'] },
  { of: ['painted-metal', 'stainless-steel'], words: ['fridge door', 'refrigerator door', 'dishwasher front', 'white goods', 'appliance'] },
  { of: ['stainless-steel', 'painted-metal'], words: ['tumble dryer', 'tumble drier', 'clothes dryer', 'dryer', 'drier', 'metal bin', 'pedal bin'] },
  { of: ['microwave-inside'], words: ['microwave turntable', 'microwave plate'] },
  { of: ['drain-and-trap'], words: ['plug hole', 'waste pipe', 'sink waste', 'drain pipe', 'drainpipe', 'bath drain', 'basin drain', 'floor drain', 'bath waste', 'u bend', 'p trap', 'overflow', 'gully'] },
  { of: ['coffee-machine'], words: ['coffee pod machine', 'espresso maker', 'drip coffee maker', 'filter coffee maker'] },
  { of: ['machine-inside'], words: ['egg boiler', 'pressure washer', 'carpet washer', 'fountain pump', 'water dispenser'] },
  { of: ['washing-machine'], words: ['laundry machine', 'clothes washer', 'detergent drawer', 'soap drawer', 'front loader', 'top loader'] },
  // Bath.
  { of: BATHS, words: ['bath tub', 'soaking tub', 'shower pan', 'shower base', 'shower floor', 'whirlpool bath'] },
  { of: ['acrylic'], words: ['hot tub', 'spa bath', 'resin tray', 'boat hull', 'caravan shower', 'acrylic sheet', 'bath panel'] },
  { of: ['shower-door', 'shower-curtain', 'shower-head', 'glazed-tile', ...BATHS], words: ['shower', 'shower cubicle', 'shower stall', 'wet room'] },
  { of: ['chrome', 'rubber'], words: ['shower hose', 'shower pipe'] },
  { of: ['chrome', 'painted-metal'], words: ['towel rail', 'towel rack', 'heated towel rail', 'towel radiator'] },
  { of: ['chrome'], words: ['shower rail', 'curtain rail', 'plug chain', 'shower mixer', 'shower valve', 'chromed steel'] },
  { of: TAPS, words: ['mixer tap', 'kitchen tap', 'bath tap', 'basin tap', 'spigot', 'sink tap'] },
  { of: ['toilet-bowl'], words: ['loo', 'toilet pan', 'commode', 'cistern', 'toilet tank', 'toilet cistern', 'water closet', 'toilet rim'] },
  { of: ['glazed-tile', 'plastic-pe-pp'], words: ['soap dish', 'toothbrush holder', 'toothbrush mug', 'soap dispenser', 'soap tray'] },
  { of: ['cotton', 'rubber'], words: ['bath mat', 'bathmat', 'shower mat'] },
  { of: ['silicone-sealant'], words: ['bath seal', 'caulking', 'bath sealant', 'sealing joint', 'mastic'] },
  { of: ['cement-grout', 'epoxy-grout'], words: ['tile joint', 'joint between tiles', 'pointing of tiles'] },
  { of: ['mirror'], words: ['vanity mirror', 'wardrobe mirror', 'mirror cabinet', 'medicine cabinet', 'dressing table mirror', 'makeup mirror'] },
  // Windows, walls, doors.
  { of: ['glass'], words: ['skylight', 'roof light', 'roof window', 'conservatory', 'patio door', 'sliding door glass', 'double glazing', 'windscreen', 'windshield', 'car windscreen', 'car windshield', 'car window', 'glass shelf', 'glass table', 'glass table top', 'picture glass', 'glass door', 'solar panel', 'glass pane', 'glazing', 'lantern glass', 'glass splashback'] },
  { of: ['glass', 'polystyrene'], words: ['greenhouse', 'glasshouse', 'glass house', 'cold frame'] },
  { of: ['gloss-paint', 'pvc-window-frame', 'varnished-wood'], words: ['windowsill', 'window ledge', 'window board'] },
  { of: ['gloss-paint'], words: ['door frame', 'doorframe', 'architrave', 'skirting board', 'baseboard', 'base board', 'picture rail', 'dado rail', 'dado', 'trim', 'woodwork', 'inside door', 'bedroom door', 'front door', 'back door', 'painted door', 'painted cupboard', 'window shutter', 'cot', 'crib', 'painted furniture', 'painted chair'] },
  { of: ['door-handle'], words: ['door knob', 'handrail', 'hand rail', 'stair rail', 'railing', 'bannister', 'cupboard handle', 'drawer handle', 'drawer knob', 'push plate', 'door pull', 'light pull'] },
  { of: ['glazed-tile', 'matt-paint'], words: ['bathroom wall'] },
  { of: ['matt-paint'], words: ['plaster wall', 'plasterboard', 'drywall', 'painted ceiling', 'walls and ceiling', 'painted plaster'] },
  { of: ['blind-cloth'], words: ['lamp shade', 'lampshade', 'pleated blind', 'blackout blind'] },
  { of: ['sockets'], words: ['light bulb', 'bulb', 'light fitting', 'light fixture', 'ceiling light', 'chandelier', 'pendant light', 'plug', 'plug socket', 'power strip', 'extension lead', 'hair dryer', 'hairdryer', 'hair drier', 'air conditioner', 'air conditioning', 'air vent', 'vent', 'air grille', 'bathroom fan', 'desk fan', 'computer fan', 'thermostat', 'smoke alarm', 'smoke detector', 'router', 'switch', 'hoover', 'vacuum', 'bread maker', 'sewing machine', 'electric blanket', 'dehumidifier'] },
  { of: ['painted-metal'], words: ['heating', 'radiator cover', 'filing cabinet', 'metal shelf', 'metal bed', 'metal fence', 'bird cage', 'cage', 'bike frame', 'bicycle frame', 'exercise bike', 'mailbox', 'letterbox', 'wrought iron', 'garden gate', 'metal gate', 'metal garden chair', 'metal door', 'locker', 'scooter', 'hull', 'dishwasher outside', 'tumble dryer outside', 'metal table'] },
  // Hearth.
  { of: ['brick', 'marble', 'slate', 'glazed-tile', 'cast-iron'], words: ['fireplace', 'fire place', 'fire surround', 'fireplace surround'] },
  { of: ['marble', 'slate', 'gloss-paint', 'varnished-wood'], words: ['mantelpiece', 'mantel', 'mantle piece'] },
  { of: ['stove-glass', 'painted-metal', 'cast-iron'], words: ['log burner', 'wood burner', 'wood stove', 'woodburner', 'wood burning stove', 'pellet stove'] },
  { of: ['stove-glass'], words: ['fireplace glass', 'log burner glass', 'fireplace door', 'wood stove glass'] },
  // Floors.
  { of: WOODS, words: ['floorboard', 'floor board', 'wood floor', 'timber floor', 'stripped floor', 'engineered wood floor', 'staircase', 'stair', 'step', 'wooden step'] },
  { of: ['concrete', 'sealed-concrete'], words: ['concrete floor', 'cellar floor', 'basement floor', 'workshop floor', 'garage floor'] },
  { of: STONES, words: ['stone', 'stone floor', 'natural stone', 'stone worktop', 'stone tile', 'stone counter'] },
  { of: ['carpet', 'rubber'], words: ['doormat', 'door mat', 'car mat', 'entrance mat', 'mat', 'welcome mat'] },
  { of: ['carpet'], words: ['stair carpet', 'stair runner', 'runner', 'fitted carpet', 'carpet tile', 'car carpet', 'carpeting', 'nylon carpet', 'synthetic carpet'] },
  { of: ['wool-silk'], words: ['persian rug', 'oriental rug', 'wool carpet', 'silk rug', 'kilim', 'sweater', 'cardigan', 'pullover', 'woolly hat', 'scarf', 'tie', 'silk blouse', 'cashmere', 'wool coat', 'wool blanket', 'sheepskin', 'woollen', 'angora', 'merino', 'wool jumper', 'silk shirt'] },
  { of: ['vinyl-floor'], words: ['luxury vinyl', 'vinyl tile', 'cushion floor', 'pvc tablecloth', 'wipe clean tablecloth', 'oilcloth'] },
  { of: ['rubber', 'vinyl-floor'], words: ['yoga mat', 'gym mat', 'exercise mat', 'play mat'] },
  // Furniture and cloth.
  { of: WOODS, words: ['dining table', 'kitchen table', 'coffee table', 'side table', 'bedside table', 'nightstand', 'wood table', 'wooden furniture', 'furniture', 'dresser', 'chest of drawers', 'sideboard', 'bench', 'stool', 'wooden bed', 'bed frame', 'wood', 'hardwood', 'timber', 'picture frame', 'wooden box', 'rocking chair', 'wooden toy', 'wooden tray', 'wood panelling', 'panelling', 'beam'] },
  { of: [...CUPBOARDS, 'waxed-wood'], words: ['wardrobe', 'closet', 'bookcase', 'bookshelf', 'book shelf', 'shelf', 'shelving', 'drawer', 'tv stand'] },
  { of: CUPBOARDS, words: ['cupboard', 'cupboard door', 'cabinet door', 'kitchen cabinet', 'kitchen cupboard', 'kitchen unit', 'kitchen front', 'unit'] },
  { of: CHAIRS, words: ['chair', 'seat'] },
  { of: ['upholstery', ...WOODS], words: ['dining chair', 'kitchen chair'] },
  { of: ['upholstery'], words: ['cushion', 'sofa cushion', 'pouffe', 'ottoman', 'footstool', 'headboard', 'velvet', 'velvet sofa', 'fabric sofa', 'armrest', 'car upholstery', 'seat cover', 'fabric chair', 'recliner', 'loveseat', 'futon', 'pushchair', 'buggy', 'baby carriage', 'car roof lining', 'bench cushion', 'office chair', 'car seat fabric', 'baby seat', 'child seat', 'beanbag', 'bean bag'] },
  { of: ['upholstery', 'plastic-pe-pp'], words: ['highchair'] },
  { of: ['mattress'], words: ['cot mattress', 'mattress topper', 'bed base', 'futon mattress', 'air bed', 'foam', 'memory foam mattress', 'latex mattress', 'spring mattress'] },
  { of: ['cotton', 'upholstery'], words: ['dog bed', 'cat bed', 'pet bed', 'pet blanket', 'dog blanket'] },
  { of: ['cotton', 'wool-silk'], words: ['blanket', 'throw', 'clothes', 'clothing', 'garment', 'coat', 'jacket', 'suit', 'trousers', 'skirt', 'dress', 'hat', 'cap', 'fabric', 'textile', 'socks', 'sock', 'glove', 'felt'] },
  { of: ['cotton'], words: ['drapes', 'drape', 'net curtain', 'curtain', 'bed sheet', 'sheet', 'bed linen', 'linens', 'pillow case', 'napkin', 'table cloth', 'table linen', 'dish cloth', 'dishcloth', 'flannel', 'face cloth', 'washcloth', 'microfibre', 'microfibre cloth', 'nappy', 'nappies', 'diaper', 'shirt', 't shirt', 'tee shirt', 'collar', 'blouse', 'jeans', 'denim', 'shorts', 'underwear', 'pants', 'uniform', 'overalls', 'pyjamas', 'nightdress', 'bib', 'baby clothes', 'quilt', 'bedspread', 'cushion cover', 'canvas', 'oven glove', 'hand towel', 'bath towel', 'bathrobe', 'handkerchief', 'canvas bag', 'tote bag', 'nylon', 'sportswear', 'gym clothes', 'swimsuit', 'swimwear', 'cuddly toy', 'stuffed animal', 'plush toy', 'stuffed toy', 'laundry load', 'mop head', 'work clothes', 'white shirt', 'whites', 'face mask', 'hoodie', 'comforter', 'rag', 'dog coat', 'bandana'] },
  { of: ['leather'], words: ['leather chair', 'leather jacket', 'leather bag', 'handbag', 'wallet', 'purse', 'belt', 'leather boot', 'leather shoe', 'saddle', 'dress shoe', 'briefcase', 'leather couch', 'leather armchair'] },
  { of: ['car-leather'], words: ['leatherette', 'imitation leather', 'artificial leather', 'vegan leather', 'steering wheel', 'vinyl chair', 'pleather', 'faux leather sofa'] },
  { of: ['rubber'], words: ['wellies', 'wellington', 'rubber boot', 'rubber glove', 'rubber mat', 'rubber duck', 'garden hose', 'hot water bottle', 'tyre', 'latex', 'window seal', 'dishwasher seal', 'freezer seal', 'fridge gasket', 'oven seal', 'door gasket', 'seal'] },
  { of: ['leather', 'rubber', 'trainers'], words: ['boot'] },
  { of: ['trainers'], words: ['tennis shoe', 'sports shoe', 'football boot', 'gym shoe', 'plimsoll', 'canvas trainer', 'white trainer', 'walking shoe'] },
  { of: ['tent-and-pack'], words: ['raincoat', 'waterproof jacket', 'anorak', 'waterproofs', 'rain coat', 'school bag', 'schoolbag', 'tarp', 'tarpaulin', 'umbrella', 'parasol', 'ski jacket', 'cool bag', 'sports bag', 'gazebo'] },
  // Machines that are held and looked at.
  { of: ['coated-screen'], words: ['smartphone', 'mobile phone', 'mobile', 'cell phone', 'computer screen', 'computer monitor', 'tv screen', 'touch screen', 'touchscreen', 'e reader', 'ereader', 'smart watch', 'smartwatch', 'sunglasses', 'eyeglasses', 'eye glasses', 'reading glasses', 'camera lens', 'binoculars', 'sat nav', 'flat screen', 'oled tv', 'lcd screen', 'goggles', 'ski goggles'] },
  { of: ['soft-touch-plastic'], words: ['mouse', 'computer mouse', 'headphone', 'headset', 'earphone', 'dashboard', 'car dashboard', 'joystick', 'computer keyboard', 'gamepad', 'power tool grip'] },
  { of: ['coated-screen', 'soft-touch-plastic'], words: ['computer', 'pc', 'electronics', 'game console'] },
  { of: ['jewellery', 'silver'], words: ['jewelry', 'earring', 'bracelet', 'wedding ring', 'pendant', 'chain'] },
  { of: ['silver'], words: ['silver cutlery', 'silver jewellery', 'silver ring', 'silver spoon', 'silver teapot', 'sterling silver', 'silverplate'] },
  { of: ['brass', 'silver', 'drinking-glass'], words: ['candlestick', 'candle holder', 'candle stick'] },
  { of: ['brass'], words: ['brass handle', 'brass knob', 'door knocker', 'copper pan', 'copper pot', 'copper pipe', 'brass tray', 'brass instrument', 'bell', 'copper kettle', 'brass ornament', 'copper mug', 'gunmetal'] },
  { of: ['stainless-steel', 'cast-iron', 'painted-metal'], words: ['steel', 'metal'] },
  { of: ['aluminium'], words: ['alloy wheel', 'ladder', 'aluminium tray', 'aluminium foil', 'aluminium door', 'foil', 'anodised aluminium', 'aluminium ladder'] },
  { of: ['steam-iron'], words: ['sole plate', 'soleplate', 'iron sole plate', 'iron plate', 'ironing station', 'clothes iron', 'iron sole'] },
  { of: ['cotton', 'painted-metal'], words: ['ironing board'] },
  { of: PLASTICS, words: ['plastic', 'hard plastic'] },
  { of: ['polystyrene'], words: ['clear plastic box', 'transparent plastic', 'plastic glass', 'plastic cup', 'plastic window', 'caravan window', 'plastic greenhouse', 'polycarbonate roof', 'cd case', 'helmet visor', 'visor'] },
  // Out of doors.
  { of: ['outdoor-stone'], words: ['paving slab', 'paving stone', 'paver', 'block paving', 'flagstone', 'driveway', 'drive', 'garden path', 'path', 'pathway', 'sidewalk', 'pavement', 'terrace', 'patio slab', 'outdoor step', 'doorstep', 'garden step', 'pool surround', 'yard', 'courtyard', 'bird bath', 'balcony floor', 'stone steps', 'cobbles'] },
  { of: ['brick'], words: ['brick wall', 'house wall', 'chimney breast', 'brick fireplace', 'outside wall', 'garden wall', 'facade', 'masonry', 'rendering', 'pebbledash'] },
  { of: ['garden-teak', 'garden-plastic', 'painted-metal'], words: ['patio furniture', 'outdoor furniture', 'garden table and chairs', 'outdoor table', 'patio table', 'lawn furniture', 'outdoor chair', 'patio chair'] },
  { of: ['garden-teak'], words: ['shed', 'gate', 'pergola', 'trellis', 'wooden gate', 'wooden shed', 'wooden bench', 'park bench', 'sandpit', 'wooden decking', 'deck board', 'balcony boards', 'planter', 'sunlounger', 'sun lounger', 'picnic table', 'outdoor wood', 'wooden garden furniture', 'teak table', 'teak furniture', 'summerhouse', 'playhouse'] },
  { of: ['garden-plastic'], words: ['plastic garden furniture', 'plastic table', 'garden toy', 'slide', 'plastic patio chair', 'resin furniture', 'white plastic chair', 'stacking chair', 'climbing frame'] },
  { of: ['unglazed-tile', 'glazed-tile', 'plastic-pe-pp'], words: ['plant pot', 'flower pot', 'flowerpot', 'planting pot'] },
  { of: ['unglazed-tile'], words: ['terracotta pot', 'clay pot', 'terracotta tile', 'terracotta floor', 'clay tile', 'cement tiles'] },
  { of: ['barbecue-grate'], words: ['barbecue grill', 'barbeque', 'bbq grill', 'grill rack', 'charcoal grill', 'gas grill', 'grillage', 'barbecue rack', 'fire pit'] },
  { of: ['litter-tray'], words: ['cat litter', 'cat toilet', 'cat box', 'kitty litter', 'litter pan'] },
  { of: ['wicker'], words: ['wicker basket', 'wicker furniture', 'rattan chair', 'rattan furniture', 'cane chair', 'bamboo chair', 'hamper', 'bread basket', 'picnic basket', 'straw bag'] },
];

/** All words for a surface that are not in its own row. @param id of a surface */
export const wordsFor = (id: string): readonly string[] =>
  SURFACE_WORDS.filter(({ of }) => of.includes(id)).flatMap(({ words }) => words);

/** Words that say of what a thing is made, each with the surfaces it may be: "brass lamp", "oak table". */
export const MATERIAL_WORDS: ReadonlyMap<string, readonly string[]> = new Map(
  [
    { of: WOODS, words: ['wood', 'wooden', 'oak', 'pine', 'beech', 'walnut', 'mahogany', 'ash', 'cherry', 'hardwood', 'timber'] },
    { of: ['varnished-wood'], words: ['varnished', 'lacquered', 'french polished'] },
    { of: ['waxed-wood'], words: ['waxed', 'oiled'] },
    { of: ['gloss-paint', 'matt-paint', 'painted-metal'], words: ['painted'] },
    { of: ['marble'], words: ['marble'] },
    { of: ['limestone'], words: ['limestone'] },
    { of: ['travertine'], words: ['travertine'] },
    { of: ['granite-sealed', 'granite-unsealed'], words: ['granite'] },
    { of: ['slate'], words: ['slate', 'sandstone'] },
    { of: ['soapstone'], words: ['soapstone'] },
    { of: ['engineered-quartz'], words: ['quartz'] },
    { of: STONES, words: ['stone'] },
    { of: ['concrete', 'sealed-concrete'], words: ['concrete'] },
    { of: ['brick'], words: ['brick'] },
    { of: ['glazed-tile'], words: ['ceramic', 'porcelain', 'tiled', 'glazed'] },
    { of: ['enamel', 'bath-enamel'], words: ['enamel', 'enamelled'] },
    { of: ['glass'], words: ['glass'] },
    { of: ['brass'], words: ['brass', 'copper', 'bronze'] },
    { of: ['silver'], words: ['silver'] },
    { of: ['aluminium'], words: ['aluminium', 'aluminum', 'alloy'] },
    { of: ['chrome'], words: ['chrome', 'chromed'] },
    { of: ['stainless-steel'], words: ['steel', 'stainless steel', 'stainless'] },
    { of: ['cast-iron'], words: ['cast iron'] },
    { of: ['stainless-steel', 'painted-metal', 'aluminium', 'chrome', 'brass'], words: ['metal'] },
    { of: PLASTICS, words: ['plastic'] },
    { of: ['acrylic'], words: ['acrylic', 'fibreglass', 'fiberglass', 'resin'] },
    { of: ['polystyrene'], words: ['polycarbonate'] },
    { of: ['vinyl-floor'], words: ['vinyl'] },
    { of: ['pvc-window-frame'], words: ['pvc', 'upvc'] },
    { of: ['laminate'], words: ['laminate', 'laminated', 'melamine'] },
    { of: ['rubber'], words: ['rubber'] },
    { of: ['cork-floor'], words: ['cork'] },
    { of: ['bamboo-floor'], words: ['bamboo'] },
    { of: ['wicker'], words: ['wicker', 'rattan', 'cane'] },
    { of: ['leather', 'car-leather'], words: ['leather'] },
    { of: ['wool-silk'], words: ['wool', 'woollen', 'silk', 'cashmere'] },
    { of: ['cotton'], words: ['cotton', 'linen', 'polyester', 'denim', 'canvas'] },
    { of: ['upholstery'], words: ['velvet', 'fabric', 'upholstered'] },
  ].flatMap(({ of, words }) => words.map((word) => [word, of] as const)),
);

/** Words that say where a thing stands or what it is like, and not what it is. */
export const WHEREABOUTS: ReadonlySet<string> = new Set(
  'a an the my our old new dirty greasy kitchen bathroom bath shower bedroom bed living dining hall hallway utility laundry room office home house garden indoor inside interior inner of in guest family cabin galley front back small large big little white black grey downstairs upstairs loft cellar basement garage'.split(
    ' ',
  ),
);
