/** Notifications of a wait: through the service worker where there is one, which phones ask for. */

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

export interface Notified {
  readonly title: string;
  readonly body: string;
  /** Where a touch of it leads, an address of the app. */
  readonly path: string;
  /** True if it stands until it is touched, where the system lets it. */
  readonly urgent: boolean;
}

/** Notifies, if it may; true if it did. */
export async function notify({ title, body, path, urgent }: Notified): Promise<boolean> {
  if (notifyState() !== 'granted') return false;
  // One of each title: what is told again takes the place of what was told.
  const options = { body, tag: title, icon: '/icon-192.png', requireInteraction: urgent, data: { path } };
  try {
    const registration = await navigator.serviceWorker?.getRegistration();
    if (registration?.active) await registration.showNotification(title, options);
    else new Notification(title, options);
    return true;
  } catch {
    // Some systems let nobody notify, whatever the browser says.
    return false;
  }
}

/** Goes where a notification leads that was touched (see public/told.js); gives back what ends the listening. */
export function onNotificationTouched(go: (path: string) => void): () => void {
  const workers = typeof navigator === 'undefined' ? undefined : navigator.serviceWorker;
  const heard = ({ data }: MessageEvent): void => {
    const { type, path } = (data ?? {}) as { readonly type?: unknown; readonly path?: unknown };
    if (type === 'GO_TO' && typeof path === 'string') go(path);
  };
  workers?.addEventListener('message', heard);
  return () => workers?.removeEventListener('message', heard);
}
