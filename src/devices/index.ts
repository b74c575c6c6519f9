/** The door of the devices: what stands beside the phone on the worktop. */
export { bluetoothScale, hasBluetooth } from './bluetoothScale';
export { Steadiness, type KitchenScale, type Reading } from './scale';
export { simulatedScale, type SimulatedScale } from './simulatedScale';
export { measureIn, numberIn, readAs } from './typed';
export { askToNotify, notifyState, ring, soundState, wakeSound, type NotifyState, type SoundState } from './alarm';
