/**
 * Essential oils, one row each: the substance and the ingredient in one. Density in g/mL at 20 °C and
 * closed-cup flash point in °C: handbook and data-sheet values, from memory. `cats`, `dogs`: named on
 * poison-centre lists as harmful to them (from memory). `hot`: phenols and aldehydes that burn skin.
 * `infants`: not in the air of a child under three (poison-centre advice, from memory).
 * `plastic`: softens polystyrene, soft PVC and LDPE.
 */
interface OilRow {
  readonly id: string;
  readonly name: string;
  readonly density: number;
  readonly flashC: number;
  readonly is: readonly ('citrus' | 'hot' | 'plastic' | 'cats' | 'dogs' | 'infants')[];
  /** The most of it on skin, percent v/v, where it is less than of others of its kind; 0 for never. */
  readonly skinPercent?: number;
  readonly names: readonly string[];
  /** Drops in one mL where its own dropper is known to differ. */
  readonly dropsPerML?: number;
}

const OIL_ROWS = [
  { id: 'tea-tree-oil', name: 'tea tree oil', density: 0.895, flashC: 56, is: ['cats', 'dogs'], names: ['tea tree', 'tea-tree', 'melaleuca', 'melaleuca oil', 'ti tree oil', 'tea tree essential oil'] },
  { id: 'lavender-oil', name: 'lavender oil', density: 0.885, flashC: 68, is: [], names: ['lavender', 'lavender essential oil', 'lavandin oil', 'lavandin'] },
  { id: 'lemon-oil', name: 'lemon oil', density: 0.85, flashC: 48, is: ['citrus', 'plastic', 'cats', 'dogs'], names: ['lemon essential oil', 'lemon eo', 'essential oil of lemon'] },
  { id: 'sweet-orange-oil', name: 'sweet orange oil', density: 0.845, flashC: 46, is: ['citrus', 'plastic', 'cats', 'dogs'], names: ['orange oil', 'orange essential oil', 'sweet orange essential oil', 'wild orange oil', 'd-limonene', 'limonene'] },
  { id: 'grapefruit-oil', name: 'grapefruit oil', density: 0.855, flashC: 46, is: ['citrus', 'plastic', 'cats', 'dogs'], names: ['grapefruit essential oil'] },
  { id: 'lime-oil', name: 'lime oil', density: 0.87, flashC: 47, is: ['citrus', 'plastic', 'cats', 'dogs'], names: ['lime essential oil'] },
  { id: 'bergamot-oil', name: 'bergamot oil', density: 0.875, flashC: 55, is: ['citrus', 'plastic', 'cats', 'dogs'], names: ['bergamot', 'bergamot essential oil'] },
  { id: 'mandarin-oil', name: 'mandarin oil', density: 0.85, flashC: 48, is: ['citrus', 'plastic', 'cats', 'dogs'], names: ['mandarin', 'tangerine oil', 'mandarin essential oil', 'tangerine essential oil'] },
  { id: 'peppermint-oil', name: 'peppermint oil', density: 0.9, flashC: 70, is: ['cats', 'dogs', 'infants'], names: ['peppermint', 'peppermint essential oil', 'mint oil'] },
  { id: 'spearmint-oil', name: 'spearmint oil', density: 0.92, flashC: 65, is: ['cats'], names: ['spearmint', 'spearmint essential oil'] },
  { id: 'eucalyptus-oil', name: 'eucalyptus oil', density: 0.91, flashC: 48, is: ['plastic', 'cats', 'infants'], names: ['eucalyptus', 'eucalyptus essential oil', 'eucaliptus'] },
  { id: 'rosemary-oil', name: 'rosemary oil', density: 0.905, flashC: 43, is: [], names: ['rosemary essential oil'] },
  { id: 'pine-oil', name: 'pine oil', density: 0.86, flashC: 40, is: ['cats', 'dogs'], names: ['pine essential oil', 'pine needle oil', 'pine', 'scots pine oil'] },
  { id: 'fir-needle-oil', name: 'fir needle oil', density: 0.875, flashC: 42, is: ['cats'], names: ['fir oil', 'fir needle', 'balsam fir oil'] },
  { id: 'cedarwood-oil', name: 'cedarwood oil', density: 0.95, flashC: 100, is: [], names: ['cedarwood', 'cedar oil', 'cedarwood essential oil'] },
  { id: 'clove-oil', name: 'clove oil', density: 1.05, flashC: 105, is: ['hot', 'plastic', 'cats'], skinPercent: 0.25, names: ['clove', 'clove essential oil', 'clove bud oil', 'clove leaf oil'] },
  { id: 'cinnamon-oil', name: 'cinnamon oil', density: 1.03, flashC: 88, is: ['hot', 'plastic', 'cats', 'dogs'], skinPercent: 0, names: ['cinnamon essential oil', 'cinnamon bark oil', 'cassia oil', 'cassia', 'cinnamon bark essential oil'] },
  { id: 'cinnamon-leaf-oil', name: 'cinnamon leaf oil', density: 1.05, flashC: 95, is: ['hot', 'plastic', 'cats', 'dogs'], skinPercent: 0.25, names: ['cinnamon leaf', 'cinnamon leaf essential oil'] },
  { id: 'oregano-oil', name: 'oregano oil', density: 0.94, flashC: 65, is: ['hot', 'cats'], skinPercent: 0.25, names: ['oregano', 'oregano essential oil', 'oil of oregano'] },
  { id: 'thyme-oil', name: 'thyme oil', density: 0.92, flashC: 60, is: ['hot', 'cats'], skinPercent: 0.25, names: ['thyme essential oil', 'thymol'] },
  { id: 'lemongrass-oil', name: 'lemongrass oil', density: 0.89, flashC: 85, is: ['hot'], skinPercent: 0.25, names: ['lemongrass', 'lemongrass essential oil', 'lemon grass oil'] },
  { id: 'citronella-oil', name: 'citronella oil', density: 0.89, flashC: 80, is: ['cats'], names: ['citronella', 'citronella essential oil'] },
  { id: 'wintergreen-oil', name: 'wintergreen oil', density: 1.18, flashC: 96, is: ['cats', 'dogs', 'infants'], names: ['wintergreen', 'wintergreen essential oil', 'sweet birch oil'] },
  { id: 'ylang-ylang-oil', name: 'ylang ylang oil', density: 0.93, flashC: 90, is: ['cats', 'dogs'], names: ['ylang ylang', 'ylang-ylang', 'ylang ylang essential oil'] },
  { id: 'pennyroyal-oil', name: 'pennyroyal oil', density: 0.93, flashC: 75, is: ['cats', 'dogs'], names: ['pennyroyal', 'pennyroyal essential oil'] },
  { id: 'geranium-oil', name: 'geranium oil', density: 0.89, flashC: 90, is: [], names: ['geranium', 'rose geranium oil', 'geranium essential oil'] },
  { id: 'patchouli-oil', name: 'patchouli oil', density: 0.96, flashC: 110, is: [], names: ['patchouli', 'patchouli essential oil'], dropsPerML: 27 },
  { id: 'clary-sage-oil', name: 'clary sage oil', density: 0.9, flashC: 78, is: [], names: ['clary sage', 'clary sage essential oil'] },
  { id: 'sage-oil', name: 'sage oil', density: 0.92, flashC: 55, is: [], names: ['sage essential oil', 'dalmatian sage oil'] },
  { id: 'basil-oil', name: 'basil oil', density: 0.92, flashC: 75, is: [], names: ['basil', 'basil essential oil'] },
  { id: 'juniper-oil', name: 'juniper oil', density: 0.87, flashC: 40, is: [], names: ['juniper berry oil', 'juniper essential oil', 'juniper'] },
  { id: 'cypress-oil', name: 'cypress oil', density: 0.87, flashC: 38, is: [], names: ['cypress', 'cypress essential oil'] },
  { id: 'frankincense-oil', name: 'frankincense oil', density: 0.87, flashC: 40, is: [], names: ['frankincense', 'frankincense essential oil'] },
  { id: 'sandalwood-oil', name: 'sandalwood oil', density: 0.975, flashC: 110, is: [], names: ['sandalwood', 'sandalwood essential oil'], dropsPerML: 27 },
  { id: 'vetiver-oil', name: 'vetiver oil', density: 1.0, flashC: 110, is: [], names: ['vetiver', 'vetiver essential oil'], dropsPerML: 27 },
  { id: 'cajeput-oil', name: 'cajeput oil', density: 0.91, flashC: 50, is: ['cats', 'plastic'], names: ['cajeput', 'cajuput oil', 'niaouli oil'] },
  { id: 'litsea-oil', name: 'litsea oil', density: 0.89, flashC: 75, is: ['hot'], names: ['may chang oil', 'litsea cubeba oil', 'may chang'] },
  { id: 'camphor-oil', name: 'camphor oil', density: 0.88, flashC: 45, is: ['cats', 'dogs', 'plastic', 'infants'], names: ['white camphor oil', 'camphor'] },
  { id: 'chamomile-oil', name: 'chamomile oil', density: 0.91, flashC: 60, is: [], names: ['roman chamomile oil', 'chamomile essential oil', 'camomile oil'] },
  // A recipe that says only "essential oil": which is not known, so it counts as one that harms.
  { id: 'essential-oil', name: 'essential oil', density: 0.89, flashC: 45, is: ['cats', 'plastic', 'dogs', 'infants'], names: ['essential oils', 'eo', 'oil of choice', 'essential oil of choice', 'essential oil of your choice', 'fragrance oil', 'scent', 'favourite essential oil', 'favorite essential oil', 'scented oil', 'eo of choice', 'e o', 'eos'] },
] as const satisfies readonly OilRow[];

export type OilId = (typeof OIL_ROWS)[number]['id'];

/** Most of an oil on skin, percent by volume; phenolic and hot oils at half of it. Common practice, no source. */
const SKIN_CEILING_PERCENT = { usual: 2, hot: 1 } as const;

/** The most of an oil that may be on skin, percent by volume. */
export const skinCeilingPercent = (oil: OilRow): number =>
  oil.skinPercent ?? (oil.is.includes('hot') ? SKIN_CEILING_PERCENT.hot : SKIN_CEILING_PERCENT.usual);

/** The rows with their common type. */
export const OILS: readonly (OilRow & { readonly id: OilId })[] = OIL_ROWS;
