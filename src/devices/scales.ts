/** The side door of the devices for kitchen scales: it loads with the screen that weighs. */
export { bluetoothScale, hasBluetooth } from './bluetoothScale';
export { Steadiness, type KitchenScale, type ScaleReading } from './scale';
export { simulatedScale, type SimulatedScale } from './simulatedScale';
