// A date on a crowded line: Sat 28 Nov.
export function shortDay(date: string): string {
  return new Date(`${date}T12:00`).toLocaleDateString("en-GB", {
    weekday: "short",
    day: "numeric",
    month: "short",
  });
}
