const MINUTE = 60_000;
const KILO = 1000;

// How long ago a moment was, in the largest unit that says enough.
export function ago(at: string, now = Date.now()): string {
  const minutes = Math.max(0, Math.round((now - Date.parse(at)) / MINUTE));
  if (minutes < 1) return "less than a minute";
  if (minutes < 120) return `${minutes} min`;
  if (minutes < 48 * 60) return `${Math.round(minutes / 60)} h`;
  return `${Math.round(minutes / 60 / 24)} days`;
}

// A file's size, as programs for files say it.
export function size(bytes: number): string {
  if (bytes < KILO * KILO) return `${Math.max(1, Math.round(bytes / KILO))} kB`;
  return `${(bytes / KILO / KILO).toFixed(1)} MB`;
}
