import { substance, type SubstanceId } from '../catalogue/substances';
import type { ProtonBalance } from './protonBalance';

/** g of sodium salt for each mole of protons an acid has given (CRC molar masses). */
const SALT: Partial<Record<SubstanceId, { readonly name: string; readonly gPerMol: number }>> = {
  'acetic-acid': { name: 'sodium acetate', gPerMol: 82.034 },
  'citric-acid': { name: 'sodium citrate', gPerMol: 258.07 / 3 },
  'tartaric-acid': { name: 'sodium tartrate', gPerMol: 194.05 / 2 },
  'potassium-bitartrate': { name: 'potassium sodium tartrate', gPerMol: 210.16 },
  'lactic-acid': { name: 'sodium lactate', gPerMol: 112.06 },
  'hydrogen-chloride': { name: 'salt', gPerMol: 58.44 },
};

/** A salt that a spent acid leaves behind in the water. */
export interface InertSalt {
  readonly name: string;
  readonly massG: number;
}

/** What is left of acids that alkali has used up, reckoned as sodium salts. */
export function inertSalts(balance: ProtonBalance): InertSalt[] {
  return (Object.entries(balance.givenBy) as [SubstanceId, number][]).map(([id, mol]) => {
    const salt = SALT[id];
    return salt
      ? { name: salt.name, massG: mol * salt.gPerMol }
      : { name: `salt of ${substance(id).name}`, massG: mol * ((substance(id).molarMassG ?? 0) + 22) };
  });
}
