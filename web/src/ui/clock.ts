import { later } from "./dates";

// Local moments of the plan ("2026-11-28T09:40") as minutes, and back. Read as if they were UTC, so
// that a change of the clocks on this device moves nothing.
export const minutesOf = (moment: string): number => Date.parse(`${moment}:00Z`) / 60000;
export const momentOf = (minutes: number): string =>
  new Date(minutes * 60000).toISOString().slice(0, 16);
export const clockOf = (minutes: number): string => momentOf(minutes).slice(11);

// The wall clock here and now, as a moment.
export function wallClock(): string {
  const now = new Date();
  return new Date(now.getTime() - now.getTimezoneOffset() * 60000).toISOString().slice(0, 16);
}

// What is planned is mostly for the day after.
export const tomorrow = (): string => later(wallClock().slice(0, 10), 1);

// Its seconds, so that timers count down between the minutes.
export const wallSeconds = (): number => new Date().getSeconds();
