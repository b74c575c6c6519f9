/** Where home cleaning ends, and who goes on. Common practice, no source, unless one is named. */
interface BeyondRow {
  readonly soils: readonly string[];
  readonly surfaces: readonly string[];
  readonly says: string;
}

const ACID_SHY = ['marble', 'limestone', 'travertine', 'terrazzo', 'granite-sealed', 'granite-unsealed', 'slate', 'engineered-quartz', 'concrete', 'unglazed-tile', 'brick', 'outdoor-stone'];

const row = (soils: string, surfaces: readonly string[], says: string): BeyondRow => ({ soils: soils.split(' '), surfaces, says });

const ROWS: readonly BeyondRow[] = [
  row('rust limescale', ACID_SHY, 'What is left after it, and dull or rough patches, are a stone mason’s work: acid takes the stone before the mark.'),
  row('rust limescale', ['sealed-concrete', 'composite-sink'], 'What is left after it wants someone who renews the surface.'),
  row('mould', ['mattress'], 'Mould in a mattress: renew it. It sits where nothing reaches.'),
  row('mould', ['blind-cloth', 'board-wood', 'trainers', 'tent-and-pack', 'wicker'], 'What is grown in stays: renew it.'),
  row('mould', ['upholstery'], 'Mould in the filling: a professional, or renew it.'),
  row('limescale smell tannin', ['coffee-machine'], 'The maker’s word comes first, an aluminium boiler above all.'),
  row('limescale', ['coated-tap'], 'Lime that soap leaves on a coloured tap: its maker’s word.'),
  row('rust', ['kettle', 'washing-machine', 'dishwasher', 'painted-metal', 'gas-hob'], 'Rust from beneath a coat: the maker, a new rack, or new paint.'),
  row('urine vomit', ['mattress', 'upholstery', 'carpet', 'wool-silk'], 'What has soaked through: a professional cleaner, or renew it.'),
  row('urine', ['waxed-wood', 'varnished-wood', 'cork-floor', 'bamboo-floor'], 'A dark stain in the wood: someone who sands and refinishes floors.'),
  row('ink', ['leather', 'car-leather', 'wool-silk', 'upholstery', 'matt-paint', 'waxed-wood', 'varnished-wood'], 'What is left: a professional, or new paint or finish.'),
  row('nail-varnish', ['vinyl-floor', 'linoleum', 'laminate', 'varnished-wood', 'waxed-wood', 'carpet', 'cork-floor', 'bamboo-floor'], 'What is left: someone who restores floors or carpets. Its solvent takes the finish.'),
  row('water-ring', ['varnished-wood', 'waxed-wood'], 'Shellac or French polish: a restorer.'),
  row('burnt-on', ['non-stick'], 'A coating that has gone brown or flakes: renew it.'),
  row('crayon sticky', ['soft-touch-plastic'], 'Sticky by itself it has decayed: renew it.'),
  row('hair-dye', ['acrylic', 'silicone-sealant', 'cement-grout'], 'What stays has gone in: it fades, or the sealant is renewed.'),
  row('nicotine', ['wallpaper', 'matt-paint', 'blind-cloth'], 'What bleeds through again is sealed and painted over, or renewed.'),
  row('turmeric', ['marble', 'limestone', 'travertine', 'terrazzo', 'granite-sealed', 'granite-unsealed', 'slate', 'wool-silk', 'upholstery'], 'What stays: a stone mason for stone, a professional cleaner for cloth.'),
  row('tar', ['carpet', 'upholstery', 'wool-silk'], 'A professional cleaner: its solvents are not for a home.'),
  row('mould', ['carpet', 'wool-silk'], 'Mould in a carpet or rug: a professional cleaner, or renew it. It sits in the backing, where nothing sprayed on reaches.'),
  row('tannin fresh-grease', ['wallpaper'], 'What paper does not draw out stays: it is papered over.'),
  row('rust', ['machine-inside'], 'Rust in a machine comes from a broken coat or a screw: the maker, or a new rack.'),
  row('mould', ['wallpaper', 'matt-paint'], 'Mould behind paper or in plaster, or more than about 1 m²: a professional. Wallpaper that is mouldy comes off.'),
  row('mould', ['silicone-sealant'], 'Grown inside the silicone: cut it out and renew it.'),
  row('rust limescale', ['old-enamel'], 'Old enamel bears no acid: what stays is for someone who re-enamels baths.'),
  row('silver-tarnish', ['silver'], 'Pieces of value, old, marked or glued: a conservator.'),
  row('tarnish', ['brass', 'lacquered-brass'], 'Broken lacquer, gilding or a piece of value: a restorer.'),
  row('limescale smell', ['machine-inside'], 'The maker’s word comes first: coffee machines and steam irons above all.'),
  row('limescale burnt-on', ['steam-iron'], 'The maker’s word comes first; water alone inside it otherwise.'),
  row('rust', ['cast-iron'], 'Rust that has eaten holes or thin places: renew the pan.'),
  row('tannin', ['marble', 'limestone', 'travertine', 'terrazzo', 'granite-sealed', 'granite-unsealed', 'slate', 'engineered-quartz'], 'A deep stain, or dark stone: a stone mason.'),
  row('fresh-grease', ['marble', 'limestone', 'travertine', 'terrazzo', 'granite-sealed', 'granite-unsealed', 'slate'], 'A dark spot of oil that stays: a stone mason draws it with a poultice.'),
  row('tannin fresh-grease protein', ['wool-silk', 'carpet'], 'A large stain, or a piece of value: a professional cleaner, before anything else is tried.'),
  row('sticky', ['wallpaper', 'coated-screen'], 'What does not roll or wipe off stays, or is the maker’s matter.'),
  row('sticky tannin fresh-grease mould daily-dirt', ['leather'], 'Deep or old marks: someone who restores leather.'),
  row('rust', ['carpet', 'cotton'], 'What is left, or a piece of value: a professional cleaner. Never bleach: it sets rust.'),
];

/** Where home cleaning ends for a soil on a surface, besides what holds of the soil everywhere; null where it does not. */
export const beyondHere = (surfaceId: string, soilId: string): string | null =>
  ROWS.find((r) => r.soils.includes(soilId) && r.surfaces.includes(surfaceId))?.says ?? null;
