/** How a wait makes itself known: a sound, a shake, a notification, each only where the browser lets it. */

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

export type NotifyState = 'granted' | 'denied' | 'not-asked' | 'none';

export function notifyState(): NotifyState {
  if (typeof Notification === 'undefined') return 'none';
  return Notification.permission === 'default' ? 'not-asked' : Notification.permission;
}

/** Asks the person, through the browser, if it may notify: to be called from a touch. */
export async function askToNotify(): Promise<NotifyState> {
  if (typeof Notification !== 'undefined') await Notification.requestPermission().catch(() => undefined);
  return notifyState();
}

export interface Ringing {
  readonly title: string;
  readonly body: string;
  readonly urgent: boolean;
  readonly sound: boolean;
  readonly vibration: boolean;
  readonly notification: boolean;
}

/** Rings once by every means that is wanted and allowed; says which of them it could use. */
export function ring(what: Ringing): {
  readonly sounded: boolean;
  readonly shook: boolean;
  readonly notified: boolean;
} {
  const sounded = what.sound && play(what.urgent);
  const shakes = typeof navigator !== 'undefined' && typeof navigator.vibrate === 'function';
  const shook = what.vibration && shakes && navigator.vibrate(what.urgent ? [300, 120, 300, 120, 300] : [250]);
  let notified = false;
  if (what.notification && notifyState() === 'granted') {
    try {
      // One of each title: what is told again takes the place of what was told.
      new Notification(what.title, { body: what.body, tag: what.title });
      notified = true;
    } catch {
      // Some phones let only a service worker notify.
    }
  }
  return { sounded, shook, notified };
}
