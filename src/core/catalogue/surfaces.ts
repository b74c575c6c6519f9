import type { SourceKey } from './sources';

/** The finding a surface raises when a limit is passed. */
export type SurfaceHarm =
  | 'etches-stone'
  | 'corrodes-metal'
  | 'strips-finish'
  | 'crazes-plastic'
  | 'attacks-silvering'
  | 'damages-coating'
  | 'weakens-grout';

/**
 * What a surface stands of one thing, and for how long.
 * `limit`: where harm begins (its unit by field). `minutes`: contact until harm begins beyond the limit;
 * 0 is at once.
 */
export interface Tolerance {
  readonly limit: number;
  readonly minutes: number;
  readonly harm: SurfaceHarm;
  readonly reason: string;
  readonly source: SourceKey;
}

/** A surface as a tolerance envelope. Null: that thing does no harm here in any household strength. */
export interface Surface {
  readonly id: string;
  readonly name: string;
  readonly names: readonly string[];
  /** Acid: the pH below which harm begins. */
  readonly acid: Tolerance | null;
  /** Alkali: the pH above which harm begins. */
  readonly alkali: Tolerance | null;
  /** Hypochlorite, percent: any at all counts where the limit is 0. */
  readonly hypochlorite: Tolerance | null;
  /** Alcohol, percent by volume. */
  readonly alcohol: Tolerance | null;
  /** The hardest abrasive it stands, Mohs; null where none may be used. */
  readonly abrasiveMohs: number | null;
  /** Minutes of standing water it bears; null where it does not matter. */
  readonly waterMinutes: number | null;
}

type Entry = readonly [limit: number, minutes: number, harm: SurfaceHarm, reason: string, source?: SourceKey];

const tolerance = (entry: Entry | undefined): Tolerance | null =>
  entry
    ? { limit: entry[0], minutes: entry[1], harm: entry[2], reason: entry[3], source: entry[4] ?? 'common-practice' }
    : null;

const surface = (
  id: string,
  name: string,
  row: {
    readonly names?: readonly string[];
    readonly acid?: Entry;
    readonly alkali?: Entry;
    readonly hypochlorite?: Entry;
    readonly alcohol?: Entry;
    readonly mohs: number | null;
    readonly waterMinutes?: number;
  },
): Surface => ({
  id,
  name,
  names: row.names ?? [],
  acid: tolerance(row.acid),
  alkali: tolerance(row.alkali),
  hypochlorite: tolerance(row.hypochlorite),
  alcohol: tolerance(row.alcohol),
  abrasiveMohs: row.mohs,
  waterMinutes: row.waterMinutes ?? null,
});

const CARBONATE_STONE = 'Its calcite dissolves in acid: a dull, rough patch that no cleaning brings back.';
const METAL_AND_BLEACH = 'Hypochlorite pits this metal.';

/** Mohs figures: CRC Handbook for minerals and metals; the rest common practice. */
export const SURFACES: readonly Surface[] = [
  surface('marble', 'Marble', {
    names: ['limestone', 'travertine', 'terrazzo'], acid: [6, 0, 'etches-stone', CARBONATE_STONE, 'geology'],
    alkali: [10, 30, 'etches-stone', 'Strong alkali roughens the polish.'], mohs: 2.5, waterMinutes: 30,
  }),
  surface('concrete', 'Concrete', {
    names: ['cement floor', 'screed'], acid: [6, 0, 'etches-stone', 'Acid dissolves the cement that holds it together.', 'geology'], mohs: 5,
  }),
  surface('granite-sealed', 'Granite, sealed', {
    names: ['granite'], acid: [6, 1, 'etches-stone', 'Acid wears the sealer and dulls some of its minerals.'],
    alkali: [10, 15, 'strips-finish', 'Alkali above pH 10 wears the sealer.'], alcohol: [30, 5, 'strips-finish', 'Strong alcohol lifts the sealer.'], mohs: 2.5, waterMinutes: 30,
  }),
  surface('glazed-tile', 'Glazed tile', {
    names: ['ceramic tile', 'porcelain tile', 'tiles', 'tile'], acid: [2, 240, 'damages-coating', 'Hours of neat acid dull a glaze.'], mohs: 5,
  }),
  surface('cement-grout', 'Cement grout', {
    names: ['grout', 'tile grout'], acid: [6, 10, 'weakens-grout', 'Acid eats the cement a little each time: brief and dilute, sealed grout only, and rinsed.', 'geology'], mohs: 2.5,
  }),
  surface('glass', 'Glass', {
    names: ['window', 'plain glass', 'shower screen'], alkali: [10, 10, 'damages-coating', 'Alkali left to dry etches glass.'], mohs: 2.5,
  }),
  surface('mirror', 'Mirror', {
    names: [], acid: [6, 1, 'attacks-silvering', 'Acid that creeps round the edge attacks the silvering: spray the cloth, never the mirror.'],
    alkali: [9, 1, 'attacks-silvering', 'Alkali that creeps round the edge attacks the silvering.'],
    hypochlorite: [0, 0, 'attacks-silvering', 'Hypochlorite blackens the silvering.'], mohs: null,
  }),
  surface('stainless-steel', 'Stainless steel', {
    names: ['stainless', 'steel sink', 'sink'], acid: [4, 30, 'corrodes-metal', 'Acid left standing, the more with salt, pits it: rinse and dry.'],
    hypochlorite: [0, 0, 'corrodes-metal', METAL_AND_BLEACH], mohs: 2.5,
  }),
  surface('chrome', 'Chrome plate', {
    names: ['chrome-plate', 'taps', 'chrome fittings'], acid: [4, 15, 'corrodes-metal', 'Acid creeps through pores of the plate: brief, dilute, rinsed.'],
    alkali: [10, 30, 'corrodes-metal', 'Strong alkali dulls the plate.'], hypochlorite: [0, 0, 'corrodes-metal', METAL_AND_BLEACH], mohs: null,
  }),
  surface('aluminium', 'Aluminium', {
    names: ['aluminum', 'aluminium frame', 'alloy'], acid: [4, 1, 'corrodes-metal', 'Acid eats its oxide skin: it pits and blackens.', 'crc-memory'],
    alkali: [9, 0, 'corrodes-metal', 'Alkali dissolves its oxide skin, then the metal: it blackens at once.', 'crc-memory'],
    hypochlorite: [0, 0, 'corrodes-metal', METAL_AND_BLEACH], mohs: 2,
  }),
  surface('cast-iron', 'Cast iron and carbon steel', {
    names: ['iron', 'carbon steel', 'knife'], acid: [6, 0, 'corrodes-metal', 'Acid strips the seasoning and rusts the iron.'],
    hypochlorite: [0, 0, 'corrodes-metal', METAL_AND_BLEACH], mohs: 5, waterMinutes: 1,
  }),
  surface('brass', 'Brass, bare', {
    names: ['copper', 'bronze'], acid: [4, 10, 'corrodes-metal', 'Acid takes off tarnish, then turns the brass pink: brief, then rinse.'],
    alkali: [10, 10, 'corrodes-metal', 'Ammonia and strong alkali crack and stain brass.'], hypochlorite: [0, 0, 'corrodes-metal', METAL_AND_BLEACH], mohs: 2.5,
  }),
  surface('acrylic', 'Acrylic or fibreglass', {
    names: ['acrylic tray', 'shower tray', 'bath', 'fibreglass'], acid: [3, 15, 'crazes-plastic', 'Strong acid dulls it in time.'],
    alkali: [10, 15, 'crazes-plastic', 'Strong alkali dulls it.'], alcohol: [10, 0, 'crazes-plastic', 'Alcohol over 10 % draws fine cracks in acrylic.'], mohs: 2,
  }),
  surface('vinyl-floor', 'Vinyl floor', {
    names: ['vinyl', 'pvc floor'], acid: [3, 10, 'strips-finish', 'Acid dulls the wear layer.'], alkali: [9, 5, 'strips-finish', 'Alkali dulls and stiffens the wear layer.'],
    alcohol: [20, 1, 'strips-finish', 'Alcohol lifts the finish: spots only.'], mohs: 2,
  }),
  surface('induction-hob', 'Glass-ceramic or induction hob', {
    names: ['hob', 'cooktop', 'glass-ceramic'], acid: [3, 15, 'damages-coating', 'Strong acid dulls the print in time.'],
    alkali: [10, 20, 'damages-coating', 'Alkali left to dry marks the glass.'], mohs: 2.5,
  }),
  surface('varnished-wood', 'Varnished or sealed wood', {
    names: ['varnish', 'sealed wood', 'wood worktop'], acid: [6, 0, 'strips-finish', 'Acid dulls and softens varnish; cleaners disagree below 0.3 %, Biscuit takes the stricter side.'],
    alkali: [8.5, 1, 'strips-finish', 'Alkali softens varnish.'], alcohol: [1, 0, 'strips-finish', 'Alcohol dissolves many varnishes.'], mohs: null, waterMinutes: 1,
  }),
  surface('waxed-wood', 'Waxed, oiled or bare wood', {
    names: ['waxed floor', 'oiled wood', 'bare wood', 'unfinished wood'], acid: [6, 0, 'strips-finish', 'Acid lifts wax and stains the bare wood.'],
    alkali: [8, 0, 'strips-finish', 'Alkali strips wax and oil and darkens wood.'], alcohol: [1, 0, 'strips-finish', 'Alcohol dissolves wax and shellac.'], mohs: null, waterMinutes: 0,
  }),
];

const BY_NAME = new Map(SURFACES.flatMap((s) => [s.id, s.name.toLowerCase(), ...s.names].map((n) => [n, s] as const)));

/** The surface of an id or a name people use, or null. */
export const surfaceByName = (text: string): Surface | null => BY_NAME.get(text.trim().toLowerCase()) ?? null;
