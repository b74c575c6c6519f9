/** How a wait makes itself known: a sound, a shake, a notification, each only where the browser lets it. */
import { notify, type Notified } from './notify';

/** Whether this page may sound now. */
export type SoundState = 'ready' | 'needs-a-touch' | 'none';

let context: AudioContext | null = null;

function audio(): AudioContext | null {
  if (typeof AudioContext === 'undefined') return null;
  context ??= new AudioContext();
  return context;
}

/** Browsers keep a page silent until it has been touched since it was opened. */
export function soundState(): SoundState {
  const ready = audio();
  if (!ready) return 'none';
  return ready.state === 'running' ? 'ready' : 'needs-a-touch';
}

/** Wakes the sound: to be called from a touch. */
export async function wakeSound(): Promise<SoundState> {
  await audio()
    ?.resume()
    .catch(() => undefined);
  return soundState();
}

const NOTES = { soft: [659, 784], loud: [784, 659, 784, 659] } as const;
const NOTE_S = 0.22;

/** Plays two notes, or four for what must come off; false if the page may not sound. */
function play(urgent: boolean): boolean {
  const ready = audio();
  if (ready?.state !== 'running') return false;
  (urgent ? NOTES.loud : NOTES.soft).forEach((hertz, i) => {
    const at = ready.currentTime + i * NOTE_S;
    const tone = ready.createOscillator();
    const volume = ready.createGain();
    tone.type = 'triangle';
    tone.frequency.value = hertz;
    volume.gain.setValueAtTime(0.0001, at);
    volume.gain.exponentialRampToValueAtTime(0.4, at + 0.02);
    volume.gain.exponentialRampToValueAtTime(0.0001, at + NOTE_S);
    tone.connect(volume).connect(ready.destination);
    tone.start(at);
    tone.stop(at + NOTE_S);
  });
  return true;
}

export interface Ringing extends Notified {
  readonly sound: boolean;
  readonly vibration: boolean;
  readonly notification: boolean;
}

/** Rings once by every means that is wanted and allowed; says which of them it could use. */
export function ring(what: Ringing): {
  readonly sounded: boolean;
  readonly shook: boolean;
  /** Known a moment later. */
  readonly notified: Promise<boolean>;
} {
  const sounded = what.sound && play(what.urgent);
  const shakes = typeof navigator !== 'undefined' && typeof navigator.vibrate === 'function';
  const shook = what.vibration && shakes && navigator.vibrate(what.urgent ? [300, 120, 300, 120, 300] : [250]);
  const notified = what.notification ? notify(what) : Promise.resolve(false);
  return { sounded, shook, notified };
}
