/** What people call soils, beside the names in the table of soils: common practice, no source. */

interface Called {
  /** Ids of soils: where there are several, a word may mean any of them, and it is asked. */
  readonly of: readonly string[];
  readonly words: readonly string[];
}

const SOIL_WORDS: readonly Called[] = [
  { of: ['limescale'], words: ['lime scale', 'limestone deposit', 'hard water', 'hard water marks', 'hard water deposit', 'calcium deposit', 'calc', 'scale in kettle', 'furring', 'fur', 'mineral deposit', 'chalky deposit', 'water stone', 'cloudy glass', 'calcification', 'lime deposit', 'waterscale', 'mineral build up'] },
  // What a cleaner is called by what it takes off.
  { of: ['limescale'], words: ['descaler', 'descaling', 'descale', 'limescale remover', 'scale remover', 'decalcifier'] },
  { of: ['fresh-grease'], words: ['degreaser', 'degreasing', 'grease remover', 'kitchen cleaner'] },
  { of: ['burnt-on'], words: ['oven cleaner', 'oven cleaning', 'pan cleaner'] },
  { of: ['fingerprints'], words: ['glass cleaner', 'window cleaner', 'window cleaning', 'mirror cleaner'] },
  { of: ['bowl-ring'], words: ['toilet cleaner', 'loo cleaner'] },
  { of: ['soap-scum'], words: ['shower cleaner', 'bath cleaner', 'bathroom cleaner'] },
  { of: ['mould'], words: ['mould remover', 'mould cleaner', 'mildew remover'] },
  { of: ['rust'], words: ['rust remover', 'derusting'] },
  { of: ['smell'], words: ['deodoriser', 'deodorizer', 'odour remover', 'freshener', 'air freshener'] },
  { of: ['sticky'], words: ['glue remover', 'label remover', 'adhesive remover', 'sticker remover'] },
  { of: ['daily-dirt'], words: ['all purpose cleaner', 'multipurpose cleaner', 'general cleaner', 'floor cleaner', 'surface cleaner', 'everyday cleaner'] },
  { of: ['slime'], words: ['drain cleaner', 'unblocker', 'drain unblocker'] },
  { of: ['tannin'], words: ['stain remover'] },
  { of: ['silver-tarnish', 'tarnish'], words: ['metal polish', 'metal cleaner'] },
  { of: ['limescale', 'water-ring'], words: ['water mark', 'watermark', 'water stain', 'drip marks'] },
  { of: ['limescale', 'soap-scum'], words: ['white residue', 'white film', 'white deposit', 'shower grime', 'cloudy film'] },
  { of: ['soap-scum'], words: ['soap residue', 'soap film', 'soap deposit', 'soap', 'detergent residue', 'softener residue', 'washing powder residue', 'shower gel', 'tub scum'] },
  { of: ['fresh-grease'], words: ['greasy', 'oily', 'oil stain', 'grease stain', 'engine oil', 'bike grease', 'chain grease', 'cooking grease', 'greasy dirt', 'fry oil', 'frying fat', 'lard', 'bacon fat', 'olive oil', 'motor oil', 'kitchen grease', 'mayonnaise', 'grease splatter', 'kitchen film', 'margarine', 'body oil', 'oil spill'] },
  { of: ['burnt-on'], words: ['burned food', 'burnt on food', 'charred', 'char', 'baked on grease', 'baked on food', 'cooked on', 'encrusted', 'carbonised grease', 'burned on', 'crust', 'caramelised sugar', 'burnt milk', 'burnt sugar', 'burnt grease', 'stuck on food', 'scorch', 'black crust', 'burnt oil', 'oven grime'] },
  { of: ['burnt-on', 'protein', 'starch-sugar'], words: ['food', 'food residue', 'dried food', 'food stain', 'leftovers', 'food splash', 'splatter', 'baby food', 'stuck food'] },
  { of: ['dust'], words: ['crumbs', 'crumb', 'lint', 'cobweb', 'spider web', 'web', 'pet fur', 'animal hair', 'sand', 'dust mites', 'dusty', 'dander', 'sawdust', 'feathers', 'dead insects', 'ceiling dust', 'fur balls'] },
  { of: ['dust', 'soot'], words: ['ash', 'ashes'] },
  { of: ['fingerprints'], words: ['smudge', 'fingermarks', 'finger print', 'handprints', 'hand marks', 'paw prints', 'nose prints', 'smear', 'greasy fingerprints', 'breath film', 'window streaks', 'haze', 'water streaks', 'film on glass', 'touch marks'] },
  { of: ['daily-dirt'], words: ['muck', 'light dirt', 'light soil', 'general dirt', 'general cleaning', 'everyday', 'everyday grime', 'street dirt', 'dirty', 'traffic film', 'grubby', 'spills', 'toothpaste spit', 'grubbiness', 'daily', 'daily grime', 'road salt', 'salt', 'fly dirt', 'condensation', 'footprints', 'insects', 'squashed insects', 'bugs'] },
  { of: ['mould'], words: ['black mould', 'mouldy', 'mould stain', 'mildew stain', 'mildew spots', 'damp patches', 'fungus', 'spots of mould', 'mouldy grout', 'black spot', 'damp'] },
  { of: ['moss'], words: ['green slime outdoors', 'green algae', 'mossy', 'greening', 'green deposit', 'green stain', 'green'] },
  { of: ['rust'], words: ['rusty', 'rust spot', 'rust mark', 'iron', 'rust ring', 'flash rust', 'rusty water'] },
  { of: ['tarnish'], words: ['dull metal', 'oxide', 'patina', 'dull copper', 'green copper', 'discoloured brass'] },
  { of: ['tarnish', 'silver-tarnish'], words: ['tarnished', 'tarnishing', 'dullness'] },
  { of: ['silver-tarnish'], words: ['silver oxide', 'tarnish on silver', 'blackened silver', 'sulphide'] },
  { of: ['protein'], words: ['blood stain', 'cheese', 'meat', 'yolk', 'cream', 'milk spill', 'bloodstain', 'egg white', 'nosebleed', 'baby milk', 'formula milk', 'burst egg'] },
  { of: ['starch-sugar'], words: ['sticky spill', 'flour', 'paste of flour', 'potato', 'porridge', 'cereal', 'pasta water', 'rice water', 'sugary spill', 'cola', 'soda spill', 'soft drink', 'lemonade', 'fizzy drink', 'sweets', 'candy', 'caramel', 'honey spill', 'batter', 'squash', 'bread dough'] },
  { of: ['tannin'], words: ['wine stain', 'coffee stain', 'berry', 'berries', 'blueberry', 'berry stain', 'cherry', 'cherry juice', 'fruit', 'beer', 'leaf stain', 'cocoa', 'soy sauce', 'herbal tea', 'tea ring', 'coffee ring', 'leaves', 'acorn', 'plant', 'cola stain', 'balsamic', 'rose wine', 'white wine'] },
  { of: ['turmeric'], words: ['tomato stain', 'pasta sauce', 'bolognese', 'paprika', 'curry powder', 'carrot', 'orange stain', 'red sauce', 'tomato paste', 'mustard', 'chilli oil'] },
  { of: ['smell'], words: ['bad smell', 'musty', 'musty smell', 'stale', 'stale smell', 'stale air', 'malodour', 'pong', 'smelly', 'damp smell', 'fish smell', 'garlic', 'onion smell', 'sour smell', 'foul smell', 'pet smell', 'dog smell', 'drain smell', 'smoke smell', 'cooking smell', 'cigarette smell', 'bin smell', 'fridge smell', 'stinky', 'odours', 'whiff', 'reek'] },
  { of: ['bowl-ring'], words: ['ring in toilet', 'toilet limescale', 'brown ring', 'toilet bowl ring', 'waterline', 'urine stone', 'urine crystals', 'water line'] },
  { of: ['sticky'], words: ['sticky residue', 'gum residue', 'glue residue', 'sticky label', 'price tag', 'label residue', 'sticker residue', 'tape', 'plaster residue', 'sticky tape', 'super glue', 'superglue', 'slime toy', 'old polish', 'polish', 'polish build up', 'silicone polish', 'adhesive residue', 'paraffin', 'melted wax', 'stickers', 'adhesive tape', 'bubble gum', 'goo', 'gunge'] },
  { of: ['slime', 'sticky'], words: ['gunk'] },
  { of: ['slime'], words: ['bio film', 'jelly', 'scum in drain', 'slow drain', 'blocked drain', 'blockage', 'clog', 'clogged', 'clogged drain', 'hair in drain', 'sludge', 'grey slime', 'slimy', 'pink bacteria', 'pink mould', 'drain gunk', 'blocked', 'drain hair', 'slimy film'] },
  { of: ['ink'], words: ['permanent marker', 'marker pen', 'whiteboard marker', 'highlighter', 'fountain pen', 'printer ink', 'pen mark', 'felt pen', 'felt tip pen', 'ball pen', 'ballpoint pen', 'biro mark', 'stamp ink'] },
  { of: ['ink', 'hair-dye', 'tannin'], words: ['dye', 'colour transfer', 'dye transfer'] },
  { of: ['crayon'], words: ['wax crayon', 'child drawing', 'chalk pastel', 'oil pastel', 'lip balm', 'scribbles', 'coloured pencil', 'drawing on wall'] },
  { of: ['crayon', 'dust'], words: ['chalk', 'pencil'] },
  { of: ['sweat'], words: ['perspiration', 'sweaty', 'collar dirt', 'collar ring', 'ring around the collar', 'sweat marks', 'armpit stain', 'sweat smell', 'body grease', 'sebum', 'skin oil', 'pillow stain', 'night sweat'] },
  { of: ['sweat', 'urine', 'nicotine'], words: ['yellow stain', 'yellow mark'] },
  { of: ['deodorant'], words: ['deodorant mark', 'deo', 'white mark', 'antiperspirant stain', 'armpit crust'] },
  { of: ['make-up'], words: ['cosmetics', 'concealer', 'eyeliner', 'eye shadow', 'face powder', 'blusher', 'bronzer', 'fake tan', 'self tanner', 'mascara stain', 'foundation stain'] },
  { of: ['sunscreen'], words: ['sun block', 'sunblock', 'suntan lotion', 'suntan oil', 'body lotion', 'sun oil', 'after sun', 'suncream'] },
  { of: ['nail-varnish'], words: ['nail lacquer', 'nail paint', 'nail gel', 'varnish for nails'] },
  { of: ['hair-dye'], words: ['hair tint', 'hair color', 'dye for hair', 'hair colourant', 'eyebrow dye'] },
  { of: ['urine'], words: ['wee', 'pet stain', 'pet accident', 'cat urine', 'dog urine', 'cat wee', 'dog wee', 'wet bed', 'bedwetting', 'urine smell', 'urine stain', 'pee stain', 'animal urine', 'baby pee', 'cat spray', 'puddle', 'toilet splash'] },
  { of: ['vomit'], words: ['faeces', 'feces', 'dog poo', 'cat poo', 'excrement', 'dog mess', 'stool', 'puke', 'dog sick', 'baby sick', 'throw up', 'skid mark', 'hairball', 'cat vomit', 'spit up', 'poop'] },
  { of: ['droppings'], words: ['mouse poo', 'rodent droppings', 'rat poo', 'mouse dirt', 'vermin'] },
  { of: ['bird-droppings'], words: ['seagull poo', 'bird mess', 'bird lime', 'gull droppings', 'bird dirt', 'pigeon poo'] },
  { of: ['mud'], words: ['muddy footprints', 'dirt from garden', 'clay', 'garden dirt', 'potting soil', 'paw mud', 'dried mud', 'muddy paws'] },
  { of: ['pollen'], words: ['yellow dust', 'tree pollen', 'lily stain', 'pine pollen', 'hay fever dust'] },
  { of: ['soot'], words: ['smoke stain', 'soot stain', 'fire soot', 'candle soot', 'black smoke', 'creosote', 'smoke film on glass', 'sooty glass', 'black glass', 'smoke damage'] },
  { of: ['tar'], words: ['tree sap', 'pine resin', 'road tar', 'tar spot', 'pine sap', 'sap drops', 'chewed tar', 'pine pitch', 'creosote tar'] },
  { of: ['nicotine'], words: ['cigarette stain', 'smoke yellow', 'smoker stain', 'tobacco stain', 'cigarette tar', 'tobacco film', 'yellowed wall'] },
  { of: ['water-ring'], words: ['ring mark', 'hot cup mark', 'cup ring', 'mug ring', 'heat stain', 'white heat mark', 'glass mark', 'white spot on wood', 'cup mark', 'heat ring'] },
  { of: ['scuffs'], words: ['scuffing', 'shoe scuff', 'rubber mark', 'heel mark', 'sole marks', 'skid marks of shoes', 'black heel marks'] },
  { of: ['tannin', 'protein', 'fresh-grease', 'ink', 'rust'], words: ['stain', 'spot', 'mark'] },
  { of: ['tannin', 'protein', 'starch-sugar', 'fresh-grease'], words: ['spill'] },
];

/** All words for a soil that are not in its own row. @param id of a soil */
export const wordsForSoil = (id: string): readonly string[] =>
  SOIL_WORDS.filter(({ of }) => of.includes(id)).flatMap(({ words }) => words);

/** Words that say how a soil is, and not what it is. */
export const STATE_WORDS: ReadonlySet<string> = new Set(
  'a an the my some of on in old new fresh dry dried wet stubborn hard hardened light heavy thick bad nasty stain stained mark spot spill spilt spilled residue build buildup up ring patch patches trace traces'.split(
    ' ',
  ),
);

/** A smell of whatever it may be is a smell. */
export const SMELL_WORDS: ReadonlySet<string> = new Set(['smell', 'odour', 'odor', 'stink']);
