import { oil } from './entry';

/**
 * Essential oils: density at 20 °C in g/mL (handbook values, from memory) and spellings. Drops per mL
 * follow the person's setting unless an oil is known to differ.
 */
export const ESSENTIAL_OILS = [
  oil('tea-tree-oil', 'tea tree oil', 0.895, ['tea tree', 'tea-tree', 'melaleuca', 'melaleuca oil', 'ti tree oil', 'tea tree essential oil']),
  oil('lavender-oil', 'lavender oil', 0.885, ['lavender', 'lavender essential oil', 'lavandin oil']),
  oil('lemon-oil', 'lemon oil', 0.85, ['lemon essential oil', 'lemon eo', 'essential oil of lemon']),
  oil('sweet-orange-oil', 'sweet orange oil', 0.845, ['orange oil', 'orange essential oil', 'sweet orange essential oil', 'wild orange oil', 'orange']),
  oil('grapefruit-oil', 'grapefruit oil', 0.855, ['grapefruit essential oil', 'grapefruit']),
  oil('peppermint-oil', 'peppermint oil', 0.9, ['peppermint', 'peppermint essential oil', 'mint oil', 'spearmint oil']),
  oil('eucalyptus-oil', 'eucalyptus oil', 0.91, ['eucalyptus', 'eucalyptus essential oil']),
  oil('rosemary-oil', 'rosemary oil', 0.905, ['rosemary essential oil']),
  oil('pine-oil', 'pine oil', 0.86, ['pine essential oil', 'pine needle oil', 'pine']),
  oil('clove-oil', 'clove oil', 1.05, ['clove', 'clove essential oil', 'clove bud oil']),
  oil('cinnamon-oil', 'cinnamon oil', 1.03, ['cinnamon essential oil', 'cinnamon leaf oil', 'cinnamon bark oil']),
  oil('thyme-oil', 'thyme oil', 0.92, ['thyme essential oil']),
  oil('lemongrass-oil', 'lemongrass oil', 0.89, ['lemongrass', 'lemongrass essential oil']),
  // A recipe that says only "essential oil" is read as this.
  oil('essential-oil', 'essential oil', 0.89, ['essential oils', 'eo', 'oil of choice', 'essential oil of choice', 'essential oil of your choice', 'fragrance oil', 'scent', 'favourite essential oil', 'favorite essential oil']),
] as const;
