/**
 * The words of recipes beside ingredients and amounts, in one form (lower case, no accents, no apostrophes).
 * What stands here is understood; what does not is asked about wherever an ingredient is put in.
 */

const set = (text: string): ReadonlySet<string> => new Set(text.trim().split(/\s+/));

/** Keeps out what follows it in its clause. */
export const NEGATORS = set(`
  not never no without avoid dont cannot cant wont shouldnt mustnt doesnt didnt isnt arent wasnt nor neither none
  skip omit exclude excluding except minus beware nicht kein keine ohne jamais sans
`);

/** After a negator these turn it round: "do not forget the bleach". */
export const UNDOES_NEGATION = set('forget forgetting skip skipping omit omitting hesitate miss missing leave only just afraid scared shy worry fear fail stint');

/** Verbs that put something in, or on. */
const PUTS_IN = set(`
  add adding added adds mix mixing mixed mixes combine combining combined stir stirring stirred whisk whisking blend blending
  dissolve dissolving pour pouring poured put putting place placing drop dropping tip tipping fold beat beating include including
  sprinkle sprinkling strew shake shaking shaken swirl swirling dilute diluting top topping fill filling filled use using used
  boost follow finish start begin swap swapped replace substitute apply applying spray spraying sprayed soak soaking soaked
  chuck dump throw toss squirt squeeze measure pop get take grab gather combine make makes making made create work rub spread dab dip
  steep simmer boil infuse decant transfer scoop spoon crumble grate melt heat warm cool
`);

/** Verbs of what is done after or beside it. */
const OTHER_VERBS = set(`
  let leave leaving sit sits stand wait waiting wipe wiping wiped rinse rinsing rinsed mop mopping wring wringing flush flushing
  wash washing washed scrub scrubbing scour brush brushing buff buffing polish polishing dry drying dries dried clean cleaning cleans cleaned vacuum sweep dust
  sponge swill store storing stored keep keeping label labelling cap close closing closed open opening seal sealing shut tighten screw
  test testing wear wearing enjoy repeat allow allowing ensure check see read try note remember call save pin print share rate jump
  comment scroll click subscribe follow love loved like likes works work worked working smells smell cuts cut lifts lift removes remove
  removing loosens shines shine lasts last need needs needed want wants require requires have has had do does did done be is are was were
  been being am get gets goes go going come comes turn turns look looks become becomes fizz fizzes fizzing foam foams bubble bubbles
  bubbling react reacts splash splashing stop stops breathe inhale touch touching damage damages harm harms feel feels find finds say says
  think know should could would can may might must will shall lets help helps prevent prevents avoiding
  press pressing pack packing spill spilling swallow drink eat ingest freeze freezes boils tidy wrap unwrap shape form forms roll cut peel strain straining soften whip stretch
  wanted serve serves yield yields produces produce cost costs total prep cook ready handle careful settle settles separate separates
  absorb absorbs reduce reduces increase increases double doubling halve adjust refill reuse discard throw empties hold holds
  contains contain containing reach reaches covers cover covering turning leaving
`);

/** Verbs that, denied, keep out what they are said of. "Do not spill the bleach" keeps nothing out: it is there. */
export const USE_VERBS = set('use using used uses add adding added mix mixing mixed combine combining put putting pour pouring include including need needs needed want require requires apply applying contain contains containing have has had try buy substitute swap replace blend go goes be is are was were make making should must can may will would could do does did follow spray spraying clean cleaning wash washing stir fill get work works');

/** Rinsing and wiping: plain water with these is not put in. */
export const RINSE_VERBS = set('rinse rinsing rinsed wipe wiping wiped mop mopping wring wringing flush flushing wash washing washed sponge swill clean dampen moisten wet');

/** Verbs that fill up what is left. */
export const FILL_WORDS = set('fill filling filled top topping remainder balance qs');

/** Only so much of the vessel: how much that is has to be asked. */
export const PARTLY_WORDS = set('halfway half partly nearly almost quarter third full two-thirds');

/** Ends what a negator governs. */
export const CLAUSE_WORDS = set('but when while whilst if before after unless until till because since so which who then once though although however whereas otherwise else rather instead');

const JOINING = set('and plus with in into to onto on per for from at by of over under through down up off out about as than via using between within along around across against near beside behind inside outside toward towards during like onto upon');

const PRONOUNS = set(`
  i you we they he she it its me us them him her my your our their this that these those there here what who which where how why
  everything something anything nothing all both each every another other others one ones itself yourself someone anyone
  youll youre youve ill im ive well theyre its lets thats theres heres
`);

const SMALL = set(`
  a an the of or also too very well really quite just only still already again always usually often sometimes ever even yet once twice
  thoroughly gently slowly carefully quickly vigorously lightly evenly generously fully completely together apart aside away back first
  second third next last lastly finally afterwards later now soon then today overnight immediately directly right left lots lot little bit
  few some any more less most least much many enough plenty several same different extra additional optional optionally desired preferred
  needed necessary required possible available least maximum minimum max min approximately approx about around roughly circa ca
  yes no ok okay please thanks thank done good great best better nice perfect perfectly amazing easy easily simple simply quick super
  safe safely sure free new old big small large tiny tall short long wide deep high low hot cold warm cool wet dry damp dirty clean
  soft hard thick thin strong weak gentle heavy light dark clear clean stubborn tough greasy grimy sticky loose firm smooth even
  ready fresh natural homemade diy non nd rd th st etc ie eg vs pls
  level scant heaped heaping rounded generous packed full
  time times minute minutes min mins hour hours hr hrs h sec secs second seconds day days week weeks weekly daily month months monthly year years
  morning evening night am pm degree degrees deg celsius fahrenheit c f
  cent cents penny pence dollar dollars euro euros price cost costs cheap batch batches servings serving portion portions
  step steps method direction directions instruction instructions ingredient ingredients recipe recipes tip tips note notes warning caution
  yield prep materials supplies equipment tools shopping list item items quantity amount amounts measure unit units page video photo image
  comments comment reviews review rating ratings vote votes star stars share print jump save pin source credit author posted updated
  tutorial post blog sponsored advertisement related video table contents what why faq question answer
  part parts half quarter third quarters halves whole rest way ways power strength result results effect touch shine scent smell fragrance
  use uses whites colours colors laundry load loads wash rinse cycle machine spots spot areas area places place stain stains job jobs end beginning top bottom side sides inch inches cm mm
  inside outside middle centre center corner corners edge edges half rest surface surfaces thing things stuff mixture solution mix blend cleaner spray paste
  case need purpose question moment while bit place order need measure bigger smaller
  treat trick charm wonder wonders dream base moulds mould trays dye family friend mum nan granny grandma neighbour idea hack love life world secret magic job
  comment instead alternative version variation favourite favorite
  upwards downwards sideways forwards backwards indoors outdoors sparingly products product chemicals chemical
  divided split kind kinds sort any size hand hands skin eye eyes nose lungs
  purposes general purpose household home house kitchen bathroom
  substitutes substitute exact exactly precisely consistency thickness texture paste like
  fume fumes gas gases air window windows
`);

/** Things and places: understood, but right beside a name they may make another of it ("carpet shampoo"). */
const THINGS = set(`
  glove gloves mask goggles apron
  children child kid kids pet pets cat cats dog dogs bird birds baby
  cloth cloths rag rags towel towels sponge sponges brush brushes toothbrush mop microfibre microfiber duster newspaper paper squeegee scraper
  funnel whisk spatula stirrer stick tray rack sieve strainer filter coffee cheesecloth muslin lid lids label labels tape marker pen scale scales
  bottle bottles jar jars bowl bowls bucket buckets jug jugs container containers sprayer sprayers spritzer vessel pan pot saucepan cup cups mug glass tub basin
  pail flask tin can kettle dispenser dropper pipette syringe spoon spoons spoonful teaspoon tablespoon measuring mixing spray trigger pump squeeze bag bags box packet
  microwave oven hob stove cooker fridge freezer dishwasher sink basin bath bathtub tub toilet bowl loo shower screen tap taps drain drains plughole pipe pipes
  tile tiles grout floor floors wall walls door doors counter counters countertop worktop worktops table tables shelf mirror mirrors carpet rug sofa curtain mattress
  marble granite stone slate limestone travertine quartz wood wooden steel stainless chrome brass copper silver aluminium aluminum iron plastic acrylic glass ceramic porcelain enamel
  leather fabric cotton wool silk linen laminate vinyl lino paint painted varnish varnished waxed lacquered
  grease grime dirt dust soot scum limescale scale mould mold mildew rust tarnish odour odours odor odors smell smells fingerprints streaks streak streaking residue buildup film rings ring marks mark germs bacteria
  chopping board cutting keyboard phone laptop car patio deck brick concrete garden bin bins bedding clothes shirt socks
`);

const ALL: readonly ReadonlySet<string>[] = [NEGATORS, UNDOES_NEGATION, PUTS_IN, OTHER_VERBS, RINSE_VERBS, FILL_WORDS, CLAUSE_WORDS, JOINING, PRONOUNS, SMALL, THINGS];

/** True if a word is understood without being part of a name. */
export const isKnownWord = (word: string): boolean => ALL.some((words) => words.has(word));

export const isThing = (word: string): boolean => THINGS.has(word);

export const isVerb = (word: string): boolean => PUTS_IN.has(word) || OTHER_VERBS.has(word) || RINSE_VERBS.has(word);

/** Between one ingredient and the next. */
export const BETWEEN_WORDS = set('and plus with in into to onto per then followed');

/** After a name: it is dirt, not an ingredient ("coffee stains", "soap scum"). */
export const DIRT_WORDS = set('stain stains spot spots scum mark marks ring rings residue residues deposit deposits buildup smell smells odour odours odor odors spill spills splash streak streaks film scale leak leaks dispenser dish holder tray');

/** Words that head a part of a text, and what the part holds. */
export const HEADINGS: ReadonlyMap<string, 'ingredients' | 'method' | 'notes'> = new Map(
  (
    [
      ['ingredients', ['ingredients', 'ingredient', 'what you need', 'you will need', 'youll need', 'materials', 'supplies', 'shopping list', 'you need', 'what youll need', 'what you will need', 'for the bottle', 'you want', 'ingredient list', 'the ingredients', 'needs', 'contents']],
      ['method', ['method', 'directions', 'direction', 'instructions', 'instruction', 'steps', 'how to', 'how to make', 'how to make it', 'how to use', 'to make', 'to use', 'preparation', 'what to do', 'procedure', 'use', 'usage', 'making', 'how', 'how to mix', 'to mix', 'making it', 'using it', 'application']],
      ['notes', ['notes', 'note', 'tips', 'tip', 'warning', 'warnings', 'caution', 'cautions', 'storage', 'comments', 'comment', 'faq', 'safety', 'important', 'why it works', 'about', 'nb', 'ps']],
    ] as const
  ).flatMap(([part, names]) => names.map((n) => [n, part] as const)),
);

/** Words a recipe is called after, when it is called after its job. */
export const PURPOSE_WORDS = set(`
  cleaner cleanser spray remover descaler opener disinfectant wash scrub paste polish degreaser wipe wipes powder soak booster killer rinse
  freshener deodoriser deodorizer solution mix soap detergent treatment liquid gel foam tabs tablets bombs bomb unblocker whitener mist refresher softener
`);
