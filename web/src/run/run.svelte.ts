import { minutesOf, momentOf, wallClock, wallSeconds } from "../ui/clock";
import type { Schemas } from "../api/client";
import { DayOf, type DayTask } from "../service/day/day.svelte";

const TICK = 1000;
const ASK_AGAIN = 60000;

// A day being worked: the clock (the wall's, or a rehearsal's), what is on, what is next, what stands
// and waits.
export class RunOf {
  readonly day: DayOf;
  clock = $state(wallClock());
  // Seconds of the wall clock, so that timers count down between the minutes.
  seconds = $state(wallSeconds());
  // Minutes that the rehearsal is ahead of the wall clock; kept in this browser, so that it survives
  // a reload.
  ahead = $state(0);

  private readonly kept: string;
  private beats: ReturnType<typeof setInterval>[] = [];

  constructor(id: number) {
    this.kept = `rehearsal-${id}`;
    this.ahead = Number(localStorage.getItem(this.kept) ?? 0);
    this.day = new DayOf(id, () => this.now);
    this.beats = [
      setInterval(() => this.beat(), TICK),
      setInterval(() => void this.day.load(), ASK_AGAIN),
    ];
    void this.day.load();
  }

  stop(): void {
    this.beats.forEach(clearInterval);
  }

  get now(): string {
    return momentOf(minutesOf(this.clock) + this.ahead);
  }

  get minute(): number {
    return minutesOf(this.now);
  }

  // From the chosen minute of the service day, or back to the wall clock.
  rehearse(from: string | undefined): void {
    this.ahead = from ? minutesOf(from) - minutesOf(this.clock) : 0;
    localStorage.setItem(this.kept, String(this.ahead));
    void this.day.load();
  }

  get tasks(): DayTask[] {
    return this.day.roster?.tasks.filter((task) => task.placed) ?? [];
  }

  // Under way; those with hands first.
  get under(): DayTask[] {
    return this.tasks
      .filter((task) => task.state === "started" || task.state === "late")
      .sort((one, other) => Number(this.standing(one)) - Number(this.standing(other)));
  }

  get next(): DayTask[] {
    return this.tasks
      .filter((task) => !task.state || task.state === "failed")
      .sort((one, other) => one.start.localeCompare(other.start));
  }

  get done(): DayTask[] {
    return this.tasks.filter((task) => task.state === "done");
  }

  // Stops that keep it from being begun, which nobody has taken on.
  bars(task: DayTask): Schemas["Finding"][] {
    return (this.day.roster?.hazards ?? []).filter(
      (each) =>
        each.grave === "stop" && !each.taken_on && (each.at === task.key || each.at === task.at),
    );
  }

  // The next task that a stop is on: there it is taken on.
  firstWith(stop: Schemas["Finding"]): DayTask | undefined {
    return this.next.find((task) => this.bars(task).some((each) => each.key === stop.key));
  }

  // In a stretch that needs no hands now: a timer runs.
  standing(task: DayTask): boolean {
    return task.segments.some(
      (segment) =>
        !segment.hands && minutesOf(segment.from) <= this.minute && this.minute < minutesOf(segment.to),
    );
  }

  // The stretch that runs now, or the last when it should be over.
  stretch(task: DayTask): DayTask["segments"][number] {
    return (
      task.segments.find((segment) => this.minute < minutesOf(segment.to)) ?? task.segments.at(-1)!
    );
  }

  // Seconds until its stretch is over; below zero when it should be.
  left(task: DayTask): number {
    return (minutesOf(this.stretch(task).to) - this.minute) * 60 - this.seconds;
  }

  start = (task: DayTask) =>
    this.day.decide({ mark: { task: task.key, state: "started", at: this.now } });
  finish = (task: DayTask) =>
    this.day.decide({ mark: { task: task.key, state: "done", at: this.now } });
  // Over by so many more minutes than it is now.
  late = (task: DayTask, minutes: number) =>
    this.day.decide({ mark: { task: task.key, state: "late", at: task.start, minutes } });
  spoilt = (task: DayTask, share: number) =>
    this.day.decide({ mark: { task: task.key, state: "failed", at: this.now, share } });
  reopen = (task: DayTask) => this.day.decide({ unmark: task.key });

  private beat(): void {
    this.clock = wallClock();
    this.seconds = wallSeconds();
  }
}

// 4:05, or −1:10 when it is over.
export function countdown(seconds: number): string {
  const whole = Math.abs(seconds);
  const [hours, minutes] = [Math.floor(whole / 3600), Math.floor((whole % 3600) / 60)];
  const sign = seconds < 0 ? "−" : "";
  const clock = hours ? `${hours}:${String(minutes).padStart(2, "0")}` : String(minutes);
  return `${sign}${clock}:${String(whole % 60).padStart(2, "0")}`;
}
