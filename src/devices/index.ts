/** The door of the devices: what stands beside the phone on the worktop. */
export { typedMeasureIn, typedNumberIn, typedQuantityIn, readAs } from './typed';
export { askToNotify, notifyState, ring, soundState, wakeSound, type NotifyState, type SoundState } from './alarm';
