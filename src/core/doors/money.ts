/** What the money of a home asks for. */
export {
  insteadOf,
  insteadPerUse,
  moneyReport,
  type FormulaMoney,
  type MoneyReport,
  type MonthMoney,
  type ToReckon,
  type YearMoney,
} from '../money/report';
export { scaledPortions } from '../formula/scaledPortions';
export { costOfPortions } from '../stock/cost';
