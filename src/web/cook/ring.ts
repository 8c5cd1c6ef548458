/** How long a stroke of the bell lasts, s, and how long it is between two, ms. */
const STROKE_S = 0.45;
const STROKES_MS = 2500;
/** Two strokes that are heard over a hood, Hz. */
const TONES = [880, 660] as const;

let sound: AudioContext | null = null;

/** Readies the bell: browsers let a page sound only after it was touched. */
export function readyBell(): void {
  try {
    sound ??= new AudioContext();
    void sound.resume();
  } catch {
    // A device without sound shows it.
  }
}

/** Whether the bell can be heard: the page was touched since it was opened. */
export const bellIsReady = (): boolean => sound !== null && sound.state === 'running';

function stroke(): void {
  if (sound === null || sound.state !== 'running') return;
  for (const [i, tone] of TONES.entries()) {
    const begins = sound.currentTime + i * STROKE_S;
    const bell = sound.createOscillator();
    const loud = sound.createGain();
    bell.frequency.value = tone;
    loud.gain.setValueAtTime(0.35, begins);
    loud.gain.exponentialRampToValueAtTime(0.001, begins + STROKE_S);
    bell.connect(loud).connect(sound.destination);
    bell.start(begins);
    bell.stop(begins + STROKE_S);
  }
}

/** A browser lets a device shake only after its page was touched. */
const shake = (pattern: number | number[]): void => {
  if (navigator.userActivation?.hasBeenActive) navigator.vibrate?.(pattern);
};

/** Rings until it is ended. */
export function ring(): () => void {
  readyBell();
  stroke();
  shake([300, 150, 300]);
  const beat = setInterval(() => {
    stroke();
    shake(300);
  }, STROKES_MS);
  return () => clearInterval(beat);
}

/** Asks, once, whether a timer may say so outside of the page. */
export function askToNotify(): void {
  if (typeof Notification !== 'undefined' && Notification.permission === 'default')
    void Notification.requestPermission();
}

/** Says it outside of the page, where the browser lets it. @param id of what it is about: said once */
export function notify(id: string, words: string): void {
  if (typeof Notification === 'undefined' || Notification.permission !== 'granted') return;
  const options = { tag: id, body: 'Imbiss' };
  navigator.serviceWorker
    ?.getRegistration()
    .then((worker) => {
      if (worker) return worker.showNotification(words, options);
      new Notification(words, options);
    })
    // Some let only a keeper notify: the page shows it and rings all the same.
    .catch(() => {});
}
