/** The door of the devices: what stands beside the phone on the worktop. */
export { bluetoothScale, hasBluetooth } from './bluetoothScale';
export { Steadiness, type KitchenScale, type ScaleReading } from './scale';
export { simulatedScale, type SimulatedScale } from './simulatedScale';
export { typedMeasureIn, typedNumberIn, typedQuantityIn, readAs } from './typed';
export { askToNotify, notifyState, ring, soundState, wakeSound, type NotifyState, type SoundState } from './alarm';
