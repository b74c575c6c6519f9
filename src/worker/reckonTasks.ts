import { moneyReport } from '../core/doors/money';
import { kitFor, kitTasks, shoppingNeeds, type HomeKit, type HomeTask, type KitAim } from '../core/doors/shopping';

/** What is reckoned of a whole home: each surface with everything there is to clean with. */
export const RECKON_TASKS = {
  shoppingNeeds,
  moneyReport,
  kitTasks,
  /** The kit for what there is to do, with what that was. */
  kit: ({
    tasks,
    there,
    aim,
  }: {
    readonly tasks: readonly HomeTask[];
    readonly there: readonly string[];
    readonly aim: KitAim;
  }): { readonly tasks: readonly HomeTask[]; readonly kit: HomeKit } => ({ tasks, kit: kitFor(tasks, there, aim) }),
};
