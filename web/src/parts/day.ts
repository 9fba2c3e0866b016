// The same on a crowded line: Sat 28 Nov.
export function shortDay(date: string): string {
  return new Date(`${date}T12:00`).toLocaleDateString("en-GB", { weekday: "short", day: "numeric", month: "short" });
}

// A date as a cook says it: Saturday 28 November.
export function day(date: string): string {
  return new Date(`${date}T12:00`).toLocaleDateString("en-GB", { weekday: "long", day: "numeric", month: "long" });
}
