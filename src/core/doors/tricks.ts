/** What tricks and things made at home ask for. */
export { TRICKS, trickById, tricksFor, type Trick, type TrickWorth } from '../catalogue/tricks';
export { tricksNamed, trickSearchText } from '../catalogue/trickNames';
export { bakedG, bakedShare, isBaked, isTooLight } from '../mixture/bakedSoda';
