import type { RoomKindId } from '../catalogue/roomKinds';
import type { AdvicePreferences } from '../catalogue/disputedAdvice';
import { SURFACES } from '../catalogue/surfaces';
import type { LimitOf, Surface, Tolerance } from '../catalogue/surface';

/** A room of the person's home. */
export interface Room {
  readonly id: string;
  readonly name: string;
  readonly kind: RoomKindId;
  /** True if it is small and shut: fumes gather in it. */
  readonly small: boolean;
}

/** How often a surface wants doing, and with what. */
export interface Upkeep {
  /** Days from one time to the next, 1 to 730. */
  readonly everyDays: number;
  /** What is to be lifted, by its id. */
  readonly soilId: string;
  /** The formula it is usually done with; null for whatever suits. */
  readonly formulaId: string | null;
}

/** A surface of the person's own home. */
export interface HomeSurface {
  readonly id: string;
  readonly roomId: string;
  /** What it is called here: "Worktop". */
  readonly name: string;
  /** Its material, by the catalogue's id. */
  readonly surfaceId: string;
  /** True or false where it was looked at; null if not known. */
  readonly sealed: boolean | null;
  /** One of the finishes that matter for this material; null if not said. */
  readonly finish: string | null;
  /** Years, 0 to 300; null if not known. */
  readonly ageYears: number | null;
  /** m², more than 0. */
  readonly areaM2: number;
  /** Where careful people differ: the choices for this surface alone, over those of the home. */
  readonly schools: AdvicePreferences;
  /** Null for what is only done when it needs it. */
  readonly upkeep: Upkeep | null;
  /** When it was entered, ISO 8601, UTC; null for what was entered before that was kept. */
  readonly enteredAt: string | null;
}

/** One answer about a surface, and what it makes of the tolerance. */
interface Becomes {
  /** Another material of the catalogue takes its place. */
  readonly surface?: string;
  /** Limits that take the place of those of the same kind. */
  readonly limits?: readonly Tolerance[];
}

/** What is worth asking about a material, because the answer changes what it stands. Common practice, no source. */
interface Questions {
  /** Asked if it is sealed: what it is if it is not. Not known counts as not sealed. */
  readonly unsealed?: Becomes;
  readonly finishes?: readonly { readonly id: string; readonly says: string; readonly becomes: Becomes }[];
  /** From this age on. */
  readonly old?: { readonly fromYears: number; readonly becomes: Becomes };
}

const never = (of: LimitOf, harm: Tolerance['harm'], reason: string): Tolerance => ({
  of,
  limit: 6,
  minutes: 0,
  harm,
  reason,
  source: 'common-practice',
});

const QUESTIONS: Readonly<Record<string, Questions>> = {
  'granite-sealed': { unsealed: { surface: 'granite-unsealed' } },
  'cement-grout': {
    unsealed: {
      limits: [never('acid', 'etches-stone', 'Unsealed, the cement drinks the acid and crumbles a little each time.')],
    },
  },
  'varnished-wood': { unsealed: { surface: 'waxed-wood' } },
  brass: {
    finishes: [
      { id: 'bare', says: 'Bare metal', becomes: {} },
      { id: 'lacquered', says: 'Lacquered', becomes: { surface: 'lacquered-brass' } },
    ],
  },
  'shower-head': {
    finishes: [
      { id: 'chrome', says: 'Chrome', becomes: {} },
      {
        id: 'painted',
        says: 'Painted, black or gold',
        becomes: {
          limits: [never('acid', 'strips-finish', 'Acid lifts a coloured finish: dish soap alone, dried at once.')],
        },
      },
    ],
  },
  enamel: { old: { fromYears: 30, becomes: { surface: 'old-enamel' } } },
  'bath-enamel': { old: { fromYears: 30, becomes: { surface: 'old-enamel' } } },
};

/** What is worth asking about a material. */
export function questionsAbout(surfaceId: string): {
  readonly sealed: boolean;
  readonly finishes: readonly { readonly id: string; readonly says: string }[];
  readonly age: boolean;
} {
  const q = QUESTIONS[surfaceId];
  return { sealed: q?.unsealed !== undefined, finishes: q?.finishes ?? [], age: q?.old !== undefined };
}

const byId = (id: string): Surface | undefined => SURFACES.find((s) => s.id === id);

function become(surface: Surface, becomes: Becomes): Surface {
  if (becomes.surface) return byId(becomes.surface) ?? surface;
  if (!becomes.limits) return surface;
  const kinds = becomes.limits.map((l) => l.of);
  return { ...surface, limits: [...surface.limits.filter((l) => !kinds.includes(l.of)), ...becomes.limits] };
}

/**
 * What a surface of the home stands: the catalogue's tolerance, changed by what is known of this one. What
 * is not known is taken for the worse. Null if its material is not in the catalogue.
 */
export function toleranceOf(own: Pick<HomeSurface, 'surfaceId' | 'sealed' | 'finish' | 'ageYears'>): Surface | null {
  const material = byId(own.surfaceId);
  if (!material) return null;
  const q = QUESTIONS[own.surfaceId];
  let surface = material;
  if (q?.unsealed && own.sealed !== true) surface = become(surface, q.unsealed);
  const finish = q?.finishes?.find((f) => f.id === own.finish);
  if (finish) surface = become(surface, finish.becomes);
  if (q?.old && own.ageYears !== null && own.ageYears >= q.old.fromYears) surface = become(surface, q.old.becomes);
  return surface;
}
