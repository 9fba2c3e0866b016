// What rings until somebody says that it was heard: a stretch that is over, a tray that wants its reading.
// Which were heard is kept in this browser, so that a reload neither silences nor wakes one.
const KEPT = "heard";
const MOST = 300;
const EVERY = 4000;
const TONES = [880, 660];
const SECONDS = 0.25;
const LOUD = 0.3;

export interface Ring {
  key: string;
  what: string;
}

export const heard = (): string[] => JSON.parse(localStorage.getItem(KEPT) ?? "[]") as string[];
export function hear(keys: string[]): void {
  localStorage.setItem(KEPT, JSON.stringify([...heard(), ...keys].slice(-MOST)));
}

// Two tones, again and again while it is wanted. A browser sounds only after a touch; until then it is only
// seen.
export class Bell {
  private context: AudioContext | undefined;
  private again: ReturnType<typeof setInterval> | undefined;

  ring(wanted: boolean): void {
    if (!wanted) {
      clearInterval(this.again);
      this.again = undefined;
    } else if (!this.again) {
      this.sound();
      this.again = setInterval(() => this.sound(), EVERY);
    }
  }

  private sound(): void {
    try {
      this.context ??= new AudioContext();
      const { context } = this;
      TONES.forEach((tone, index) => {
        const [from, gain, source] = [
          context.currentTime + index * SECONDS,
          context.createGain(),
          context.createOscillator(),
        ];
        source.frequency.value = tone;
        gain.gain.setValueAtTime(LOUD, from);
        gain.gain.exponentialRampToValueAtTime(0.001, from + SECONDS);
        source.connect(gain).connect(context.destination);
        source.start(from);
        source.stop(from + SECONDS);
      });
    } catch {
      // Without sound it is seen all the same.
    }
  }
}

// Keeps the screen awake while it is looked at; asked for anew whenever it comes back. Gives how to let it
// sleep.
export function stayAwake(): () => void {
  let lock: WakeLockSentinel | undefined;
  let wanted = true;
  const ask = async (): Promise<void> => {
    if (!wanted || document.hidden || !navigator.wakeLock) return;
    lock = await navigator.wakeLock.request("screen").catch(() => undefined);
  };
  const seen = (): void => void ask();
  document.addEventListener("visibilitychange", seen);
  void ask();
  return () => {
    wanted = false;
    document.removeEventListener("visibilitychange", seen);
    void lock?.release();
  };
}
