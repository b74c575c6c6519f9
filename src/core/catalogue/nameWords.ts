/** Words that may stand beside a name without changing what it names. All lower case, singular. */

const words = (text: string): string[] => text.trim().split(/\s+/);

/** Nothing is said by these of what is meant. */
export const NEUTRAL_WORDS: ReadonlySet<string> = new Set(
  words(`
    of the a an some any my your our their his her its this that these
    fresh freshly new old leftover good great nice fine finely coarse coarsely quality best
    organic natural naturally pure plain basic ordinary regular standard normal simple generic everyday usual
    cheap cheapest inexpensive budget store shop bought brand branded own label supermarket household pharmacy chemist grocery
    kitchen home homemade local favourite favorite chosen preferred choice
    unscented fragrance scented scent perfume perfumed aroma flavoured unflavoured dye coloured colored uncoloured colorless colourless
    food grade lab technical usp bp
    warm hot cold cool lukewarm tepid chilled iced room temperature heated
    clean clear filtered sterile still
    liquid powdered granulated granular ground grated shaved chopped sliced crushed squeezed strained melted softened dissolved
    neat undiluted straight full strength
    gentle mild eco ecological biodegradable friendly vegan unsalted
    little bit extra more about approximately approx around optional additional remaining rest few level packed
    all purpose type kind sort brand
    dropperful
  `),
);

/** Places that a sort of something is named after. */
export const PLACE_WORDS: ReadonlySet<string> = new Set(
  words('himalayan celtic mediterranean french english british german italian spanish greek turkish american australian european aleppo marseille bulgarian sicilian'),
);

/** Soap and the like may be called after its scent: the scent changes nothing of what it is. */
export const TAKES_A_SCENT: ReadonlySet<string> = new Set([
  'castile-soap',
  'dish-soap',
  'soap-flakes',
  'laundry-liquid',
  'shampoo',
  'laundry-powder',
  'fabric-softener',
  'hand-sanitiser',
]);

/** Words of their own that are one letter from a hazardous one: no slips of typing. */
export const NO_SLIPS: ReadonlySet<string> = new Set(
  words('beach breach leach peach teach reach bleak each quiet quit quilt sprit lied dye eye split chloride fluoride hydride periodic tonic panic manic strict chronic clinic fabric metric vinegary'),
);

/** Words of scents that no essential oil of the catalogue is called by. */
export const SCENT_WORDS: ReadonlySet<string> = new Set(
  words('citrus almond rose vanilla lemon lime orange apple cherry berry coconut floral baby ocean mint honey cucumber melon fresh linen jasmine fruit pomegranate'),
);
