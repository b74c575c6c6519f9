import type { Share } from './methods';

/** The area of a surface as most homes have it, m². Common practice, no source; a home's own surface says its own. */
const USUAL_M2: Readonly<Record<string, number>> = {
  marble: 1.5, limestone: 4, travertine: 4, terrazzo: 6, concrete: 10, 'granite-sealed': 1.5, 'granite-unsealed': 1.5, slate: 2, soapstone: 1.5, 'engineered-quartz': 1.5,
  'glazed-tile': 6, 'unglazed-tile': 6, 'quarry-tile': 6, 'cement-grout': 0.6, 'epoxy-grout': 0.6, 'silicone-sealant': 0.1,
  glass: 2, 'stove-glass': 0.1, mirror: 0.5, 'coated-screen': 0.5, 'induction-hob': 0.3,
  'stainless-steel': 0.3, chrome: 0.1, 'shower-head': 0.03, aluminium: 0.3, 'cast-iron': 0.1, knife: 0.02, brass: 0.1, 'lacquered-brass': 0.1, silver: 0.1,
  enamel: 0.8, 'bath-enamel': 1.5, 'old-enamel': 1.5, 'oven-racks': 0.4, 'catalytic-liner': 0.8, 'oven-element': 0.05,
  acrylic: 1.5, polystyrene: 0.5, 'vinyl-floor': 6, linoleum: 6, laminate: 1.5, rubber: 0.1,
  'varnished-wood': 1.5, 'waxed-wood': 1.5, 'matt-paint': 15, 'gloss-paint': 2, wallpaper: 15,
  'wool-silk': 3, cotton: 1, carpet: 10, leather: 2,
  'fridge-inside': 2, 'microwave-inside': 0.4, kettle: 0.06, 'coffee-machine': 0.05, 'washing-machine': 0.5, dishwasher: 1, 'drain-and-trap': 0.02,
  'ceramic-sink': 0.4, 'composite-sink': 0.4, 'non-stick': 0.1, 'drinking-glass': 0.03, thermos: 0.05, 'board-wood': 0.12, 'board-plastic': 0.12,
  'plastic-pe-pp': 0.5, 'soft-touch-plastic': 0.02, 'extractor-filter-steel': 0.25, 'extractor-filter-aluminium': 0.25, 'gas-hob': 0.3, 'oven-door-glass': 0.2,
  'shower-door': 2, 'shower-curtain': 3.5, mattress: 2, upholstery: 3, trainers: 0.1, 'tent-and-pack': 4, 'car-leather': 2, 'coated-tap': 0.1, 'door-handle': 0.02,
  'blind-metal': 2, 'blind-cloth': 2, 'painted-metal': 1.5, 'pvc-window-frame': 0.5, 'cork-floor': 8, 'bamboo-floor': 8, 'sealed-concrete': 15,
  'garden-teak': 2, 'garden-plastic': 2, 'barbecue-grate': 0.3, 'litter-tray': 0.3, jewellery: 0.005, wicker: 1,
  'machine-inside': 0.5, 'steam-iron': 0.02, 'toilet-bowl': 0.3, sockets: 0.1, brick: 5, 'outdoor-stone': 10,
};

/** A stain, a burnt spot: about a hand's breadth each way. */
const SPOT_M2 = 0.02;
const PART = 0.25;

/** The usual area of a surface of the catalogue, m²; half a square metre where none is noted. */
export const usualAreaM2 = (surfaceId: string): number => USUAL_M2[surfaceId] ?? 0.5;

/** How much of an area is worked on, m². @param areaM2 all of it, more than 0 */
export const sharedAreaM2 = (areaM2: number, share: Share): number =>
  share === 'all' ? areaM2 : share === 'part' ? PART * areaM2 : Math.min(SPOT_M2, areaM2);
