/** How often it rings until somebody hears, ms. */
const EVERY_MS = 2500;
const NOTES = [880, 1175, 880] as const;
const NOTE_S = 0.16;

let context: AudioContext | undefined;

/** A browser shakes no page that nobody has touched. */
let touched = false;
for (const touch of ['pointerdown', 'keydown'])
  addEventListener(touch, () => (touched = true), { once: true });

/** Whether a sound would be heard: browsers are silent until the page was touched. */
export const canSound = (): boolean => context?.state === 'running';

/** To be called by a touch: from then on the page may sound. */
export async function allowSound(): Promise<boolean> {
  if (typeof AudioContext === 'undefined') return false;
  context ??= new AudioContext();
  await context.resume().catch(() => undefined);
  return canSound();
}

function strike(): void {
  if (!context || !canSound()) return;
  NOTES.forEach((frequency, at) => {
    const from = context!.currentTime + at * NOTE_S;
    const tone = new OscillatorNode(context!, { frequency, type: 'triangle' });
    const loud = new GainNode(context!, { gain: 0.5 });
    loud.gain.setTargetAtTime(0, from + NOTE_S * 0.6, 0.05);
    tone.connect(loud).connect(context!.destination);
    tone.start(from);
    tone.stop(from + NOTE_S * 2);
  });
}

/** Rings by sound and by shaking until it is stopped. */
export function ring(): () => void {
  const once = () => {
    strike();
    if (touched && 'vibrate' in navigator) navigator.vibrate([200, 100, 200]);
  };
  once();
  const timer = setInterval(once, EVERY_MS);
  return () => clearInterval(timer);
}

/** Whether notifications may be shown, may be asked for, or not. */
export const notifying = (): 'yes' | 'ask' | 'no' =>
  typeof Notification === 'undefined' || Notification.permission === 'denied'
    ? 'no'
    : Notification.permission === 'granted'
      ? 'yes'
      : 'ask';

export async function askToNotify(): Promise<void> {
  if (notifying() === 'ask') await Notification.requestPermission().catch(() => undefined);
}

/** Shows a word outside the page, where that is allowed; the page itself says it anyhow. */
export function notify(title: string, tag: string): void {
  if (notifying() !== 'yes') return;
  const shown = { tag, requireInteraction: true };
  if (navigator.serviceWorker?.controller)
    void navigator.serviceWorker.ready
      .then((worker) => worker.showNotification(title, shown))
      .catch(() => undefined);
  else
    try {
      new Notification(title, shown);
    } catch {
      // Some browsers let only a service worker notify; the page rings by itself.
    }
}
