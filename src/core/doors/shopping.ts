/** What the list of things to buy and the kits ask for. */
export { shoppingNeeds, type ItemNeed, type MixtureNeed, type Needs } from '../shopping/needs';
export type { ToShopFor } from '../shopping/uses';
export {
  kitFor,
  kitTasks,
  kitWith,
  thingsFor,
  type HomeKit,
  type HomeTask,
  type KitAim,
  type KitHome,
  type KitLevel,
} from '../shopping/kitHome';
export { packsText, shoppingText, type ShoppingLine } from '../shopping/shoppingText';
