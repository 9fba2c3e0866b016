// Days of the calendar as "2026-11-28". Worked out at noon in UTC, so that no clock moves them.
const noon = (date: string): Date => new Date(`${date}T12:00Z`);

// A date on a crowded line: Sat 28 Nov.
export function shortDay(date: string): string {
  return noon(date).toLocaleDateString("en-GB", {
    weekday: "short",
    day: "numeric",
    month: "short",
    timeZone: "UTC",
  });
}

// So many days later.
export function later(date: string, days: number): string {
  const day = noon(date);
  day.setUTCDate(day.getUTCDate() + days);
  return day.toISOString().slice(0, 10);
}

// The Monday of a date's week.
export const monday = (date: string): string => later(date, -((noon(date).getUTCDay() + 6) % 7));

// Is it a day of the calendar, and not the 31st of February?
export const isDay = (date: string): boolean =>
  !Number.isNaN(noon(date).getTime()) && noon(date).toISOString().startsWith(date);
