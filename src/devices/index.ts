/** The door of the devices: what stands beside the phone on the worktop. */
export { typedMeasureIn, typedNumberIn, typedQuantityIn, readAs } from './typed';
export { ring, soundState, wakeSound, type SoundState } from './alarm';
export { askToNotify, notifyState, onNotificationTouched, type NotifyState } from './notify';
export { holdBusy, isAnyBusy, versions, whenNoneIsBusy } from './versions';
export { toPageBefore } from './pageBefore';
