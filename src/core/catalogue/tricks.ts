/** What a trick is worth: sound, sound within limits, no better than less, or better left alone. */
export const TRICK_WORTHS = ['sound', 'with-care', 'no-better', 'leave-it', 'not-judged'] as const;
export type TrickWorth = (typeof TRICK_WORTHS)[number];

/** What is done instead, or how it is done well: a way of a pair, or a formula. */
export interface TrickWay {
  readonly surfaceId: string;
  readonly soilId: string;
  /** The method that does it; null for the first that is offered. */
  readonly methodId: string | null;
}

/** A trick that people know, with what it really does. */
export interface Trick {
  readonly id: string;
  readonly name: string;
  /** What else it is called; each is understood where all its words stand in a text. */
  readonly names: readonly string[];
  readonly worth: TrickWorth;
  readonly says: string;
  /** Where it belongs: the trick itself where it is sound, what does it better where it is not. */
  readonly ways: readonly TrickWay[];
  /** The starter that is it, by its id; null where there is none. */
  readonly formulaId: string | null;
  /** True for what is made from what is at home; else it is something that is done. */
  readonly isMaking: boolean;
}

const way = (pair: string): TrickWay => {
  const [surfaceId = '', soilId = '', methodId] = pair.split(' ');
  return { surfaceId, soilId, methodId: methodId ?? null };
};

const trick = (
  id: string,
  name: string,
  names: string,
  worth: TrickWorth,
  says: string,
  ways: readonly string[] = [],
  formulaId: string | null = null,
): Trick => ({
  id,
  name,
  names: names.split('; ').filter(Boolean),
  worth,
  says,
  ways: ways.map(way),
  formulaId: formulaId && `starter-${formulaId}`,
  isMaking: false,
});
const making = (...of: Parameters<typeof trick>): Trick => ({ ...trick(...of), isMaking: true });

/** Common practice, no source, unless one is named beside a row. */
export const TRICKS: readonly Trick[] = [
  trick('shampoo-bucket', 'Shampoo in a bucket', 'shampoo wash; shampoo floor; shampoo water', 'sound', 'A surfactant wash like dish soap: a capful to five litres. More of it only leaves a film.', ['vinyl-floor daily-dirt mop', 'painted-metal daily-dirt'], 'floor'),
  trick('corn-flour-window', 'Corn flour in the window wash', 'corn flour window; corn flour glass; cornflour window; cornstarch window; corn starch glass; cornflour glass; starch window', 'sound', 'Fine and soft, it rubs the film off and takes up grease. Made fresh: it spoils, and it clogs a sprayer.', ['glass fingerprints'], 'starch-glass'),
  trick('flour-on-grease', 'Flour or starch on fresh grease', 'flour grease; flour stain; starch grease; cornflour stain; talc grease; chalk grease', 'sound', 'It drinks the grease before water spreads it. Thick, ten minutes, lifted off with a card.', ['cotton fresh-grease absorb', 'marble fresh-grease absorb', 'upholstery fresh-grease absorb'], 'absorber'),
  trick('black-tea-glass', 'Black tea on glass', 'tea window; tea glass; tea mirror; black tea windows', 'no-better', 'Weak tannin, and it spoils in a day: no better than water and a cloth.', ['glass fingerprints glass-damp']),
  trick('onion-glass', 'Cut onion on glass', 'onion window; onion glass; onion windows; raw onion', 'no-better', 'A weak acid on a damp surface: it is the rubbing that does it. It smells; water and a cloth do the same.', ['glass fingerprints glass-damp']),
  trick('paper-buff', 'Newspaper or coffee filter to buff', 'newspaper window; newspaper glass; newspaper mirror; coffee filter; coffee filter glass', 'sound', 'They leave no lint: sound on glass, once it is clean and nearly dry. Newsprint may mark painted frames.', ['glass fingerprints glass-damp', 'mirror fingerprints glass-damp']),
  trick('nylon-stocking', 'Nylon stocking to polish or dust', 'nylon stocking; tights polish; stocking dust; old tights; pantyhose', 'sound', 'It takes up dust and leaves no lint; on shoes and wood a soft polish.', ['varnished-wood dust', 'leather dust']),
  trick('foam-on-mirror', 'Shaving foam or a soapy wipe against misting', 'shaving foam; shaving cream mirror; soap mirror mist; foggy mirror; misted mirror; anti fog; fogging', 'sound', 'A film of surfactant: water spreads on it and does not bead, for some days. Not on coated glass, nor on spectacles.', ['mirror fingerprints'], 'mist-wipe'),
  trick('glycerin-on-mirror', 'Glycerin against misting', 'glycerin mirror; glycerine mirror; glycerin glass; glycerine anti fog; glycerin fog', 'sound', 'The same as a soapy wipe, and it lasts longer: a few drops; too much smears.', ['mirror fingerprints'], 'mist-wipe'),
  trick('toothpaste', 'White toothpaste', 'toothpaste; tooth paste', 'with-care', 'A fine abrasive: for bare steel and china. Never on plastics, coatings or gold: it dulls them. Soda on a damp cloth is softer.', ['stainless-steel tannin tannin-soda', 'ceramic-sink scuffs']),
  trick('ketchup-brass', 'Ketchup or sauce on brass', 'ketchup; tomato ketchup; brown sauce brass; tomato sauce brass; ketchup copper; sauce copper', 'sound', 'Acid and salt, which is what takes tarnish off bare brass and copper: minutes, then rinse, dry, buff. Never on lacquer or plate.', ['brass tarnish'], 'brass'),
  trick('lemon-half', 'Lemon half with salt or soda', 'lemon half; half lemon; lemon and salt; lemon salt; lemon baking soda; lemon and soda', 'with-care', 'With salt it is acid and grain, and works. With soda the two cancel: it fizzes, and little is left.', ['board-wood smell board-salt-lemon', 'brass tarnish']),
  trick('vinegar-paper', 'Vinegar-soaked paper towels on tile', 'vinegar paper towel; vinegar paper; vinegar kitchen paper; vinegar towel tap; vinegar wrap', 'sound', 'A wrap: it keeps the acid wet where it would run off, 20 to 30 minutes on tile. Joints wetted first, and rinsed after. On chrome ten minutes, with weak citric acid.', ['glazed-tile limescale', 'chrome limescale']),
  trick('bowl-of-soda', 'Bowl of soda as freshener', 'soda bowl; baking soda fridge; bicarb fridge; bowl baking soda; bowl of bicarb; soda freshener', 'sound', 'It takes up some sour smells, once the cause is gone and the place is washed. Renewed each month.', ['fridge-inside smell smell-bowl'], 'open-jar'),
  trick('foil-oven-floor', 'Foil on the oven floor', 'foil oven floor; foil bottom oven; aluminium foil oven; line oven foil; foil oven', 'leave-it', 'Makers warn of it: it shuts the heat in and bonds to the enamel. A tray on the rack below catches the drips.', ['enamel burnt-on']),
  trick('freezing', 'Freezing bedding and soft toys', 'freeze toy; freezer toys; freeze bedding; freeze pillow; freezer mites; dust mites freezer', 'sound', 'Two days below −18 °C kill mites. What people are allergic to is still in it: wash it after.', ['cotton daily-dirt cloth-wash']),
  trick('pumice', 'Pumice on china', 'pumice; pumice stone; pumice toilet', 'with-care', 'A last resort for a ring that acid left: stone and china wet all the time, softly. Dry it scratches.', ['toilet-bowl bowl-ring ring-pumice']),
  trick('melamine-sponge', 'Melamine sponge', 'melamine; eraser sponge; magic sponge; white sponge; dirt eraser', 'with-care', 'A very fine grit paper. It dulls gloss, coatings, polished stone and steel, and paint goes with the mark: soapy cloth first.', ['matt-paint daily-dirt paint-cloth']),
  trick('drain-fizz', 'Fizz of soda and vinegar in a drain', 'soda vinegar drain; vinegar drain; bicarb vinegar drain; baking soda vinegar drain; volcano drain', 'no-better', 'The two cancel: what is left does little more than hot water. Clear the trap; soda by itself, then hot tap water, 60 °C at most.', ['drain-and-trap smell', 'drain-and-trap slime'], 'drain'),
  trick('pigeons', 'Balloons or foil strips against pigeons', 'balloon pigeon; foil strip pigeon; pigeons; scare birds', 'not-judged', 'That is no cleaning, and Biscuit does not judge it.'),
  trick('cola-bowl', 'Cola in the toilet', 'cola toilet; cola bowl; cola rust; soft drink toilet', 'no-better', 'About as sour as dilute vinegar, and full of sugar. Citric acid does the same in an hour, with nothing sticky.', ['toilet-bowl bowl-ring', 'stainless-steel rust']),
  trick('salt-on-wine', 'Salt on red wine', 'salt wine; salt red wine; salt carpet', 'no-better', 'It draws up what paper would draw up better, and its grains stay in the pile. Blot, cool water, blot.', ['wool-silk tannin', 'carpet tannin']),
  trick('white-wine-on-red', 'White wine on red', 'white wine red; white wine on red wine', 'no-better', 'It thins the stain, as water does, and leaves sugar. Cool water, and a little vinegar.', ['wool-silk tannin', 'carpet tannin']),
  trick('rice-bottle', 'Rice or eggshells in a bottle', 'rice bottle; rice vase; rice thermos; eggshell bottle; eggshell thermos; egg shells', 'with-care', 'Soft grains that reach where no brush does: swirled with warm suds in a vase or steel flask. Not in glass-lined ones.', ['thermos tannin', 'drinking-glass tannin']),
  trick('bread-wallpaper', 'Bread or dough on wallpaper', 'bread wallpaper; dough wallpaper; white bread', 'sound', 'It rolls the mark off dry. Crumbs off after it, or mice come.', ['wallpaper daily-dirt paper-eraser']),
  trick('hairspray-ink', 'Hairspray on ink', 'hairspray; hair spray', 'no-better', 'It was the alcohol; today’s leave lacquer in the cloth. Alcohol by itself, dabbed and tested.', ['cotton ink ink-blot']),
  trick('mayonnaise-ring', 'Mayonnaise on a water ring', 'mayonnaise; mayo wood; walnut ring', 'no-better', 'Its oil hides the ring a while and turns rancid. The lowest iron through a dry cloth, or wax.', ['varnished-wood water-ring', 'waxed-wood water-ring']),
  making('washing-soda', 'Washing soda from baking soda', 'bake baking soda; baked baking soda; roast baking soda; homemade washing soda; make washing soda', 'sound', 'Spread thin, an hour at 200 °C: it gives off water and carbon dioxide, and 100 g become 63 g of washing soda.'),
  making('soap-flakes', 'Soap flakes, grated', 'grate soap; grated soap; soap flakes; homemade soap flakes', 'sound', 'Plain bar soap, grated and stirred into hot water until it is clear. In hard water it leaves curd: dish soap then.', ['cotton daily-dirt']),
  making('citrus-vinegar', 'Citrus vinegar', 'orange peel vinegar; citrus vinegar; peel vinegar; lemon peel vinegar; infused vinegar', 'sound', 'Peel in vinegar for two weeks, then strained: the scent of it, the acid of the vinegar. Not where a bird or a cat lives.', ['glazed-tile daily-dirt'], 'peel'),
  making('tincture', 'Alcohol tincture of herbs', 'herb tincture; lavender tincture; herbs vodka; herbs alcohol; tincture', 'sound', 'Herbs in strong alcohol for two weeks, strained: a scent, and no cleaner by itself. It burns as the alcohol does.', [], 'room-spray'),
  making('boiled-water', 'Boiled water for distilled', 'boiled water; boil water distilled; boiled distilled', 'no-better', 'Boiling does not distil: most of what is dissolved stays in it, and more to the litre. Distilled water is bought.'),
];

const BY_ID = new Map(TRICKS.map((t) => [t.id, t]));

/** The trick of an id; null for one that is not known. */
export const trickById = (id: string): Trick | null => BY_ID.get(id) ?? null;

/** The tricks that people know for a soil on a surface. */
export const tricksFor = (surfaceId: string, soilId: string): Trick[] =>
  TRICKS.filter((t) => t.ways.some((w) => w.surfaceId === surfaceId && w.soilId === soilId));
