import { minutesOf, momentOf, wallClock, wallSeconds } from "../ui/clock";
import { api, ask, type Schemas } from "../api/client";
import type { Happened } from "../record/happened";
import { whenMoved } from "../state/live.svelte";
import type { Ring } from "./bell";
import { DayOf, type DayTask } from "../service/day/day.svelte";

const TICK = 1000;
const ASK_AGAIN = 60000;
const TOGETHER = 150;
// Minutes for which what is over rings, unless it is the last of its task.
const STILL_RINGS = 15;

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
      setInterval(() => void this.look(), ASK_AGAIN),
    ];
    this.deaf = whenMoved(() => this.moved());
    void this.day.load();
    void this.look();
  }

  // What was done on another screen, on this one too; several at once as one.
  private deaf: () => void;
  private soon: ReturnType<typeof setTimeout> | undefined;
  private moved(): void {
    clearTimeout(this.soon);
    this.soon = setTimeout(() => {
      if (!this.day.busy) void Promise.all([this.day.load(), this.look()]);
    }, TOGETHER);
  }

  // What cools, by its readings.
  trays = $state.raw<Schemas["CoolingTray"][]>([]);
  async look(): Promise<void> {
    const { data } = await ask(
      api.GET("/api/services/{id}/trays", {
        params: { path: { id: this.day.id }, query: { now: this.now } },
      }),
    );
    this.trays = data ?? [];
  }

  // What may be written down at a task, by what it is: skipped or not, nothing waits for it.
  asks(task: DayTask): { name: string; unit: string; what: Happened }[] {
    const about = { service: this.day.id, task: task.key, about: task.name };
    const weigh = (of: string, name: string) => ({
      name,
      unit: "g",
      what: { kind: "weighed", of, ...about },
    });
    if (task.stage === "prep") return [weigh("bought", "As bought"), weigh("trimmed", "Once trimmed")];
    if (task.key.includes("/plate/")) return [weigh("portion", "One portion")];
    if (task.stage !== "cook") return [];
    const inPot = task.segments.some((each) => each.lanes.some((lane) => lane.startsWith("pot-")));
    return [
      ...(inPot ? [{ name: "Water used", unit: "g", what: { kind: "water", ...about } }] : []),
      { name: "At the core", unit: "°C", what: { kind: "temperature", of: "core", ...about } },
      weigh("cooked", "Once cooked"),
      ...(this.cools(task)
        ? [
            {
              name: "As it cools",
              unit: "°C",
              what: { kind: "temperature", of: "cooling", ...about },
            },
          ]
        : []),
    ];
  }

  private cools(task: DayTask): boolean {
    const lot = this.day.roster?.lots.find((each) => each.task === task.key);
    return lot?.control === "cold" && minutesOf(lot.path[0]!.from) <= this.minute;
  }

  stop(): void {
    this.deaf();
    clearTimeout(this.soon);
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

  // What stood and is over since a while ago, work that should be over, and trays that want their reading.
  get rings(): Ring[] {
    const over = this.under.flatMap((task) =>
      task.segments
        .filter((segment, index) => {
          const past = this.minute - minutesOf(segment.to);
          const last = index === task.segments.length - 1;
          return past >= 0 && (last || (!segment.hands && past <= STILL_RINGS));
        })
        .map((segment) => ({
          key: `${task.key}@${segment.to}`,
          what: `${task.name}: ${(segment.name ?? "time").toLowerCase()} is over`,
        })),
    );
    const read = this.trays
      .filter((tray) => tray.next && tray.next <= this.now)
      .map((tray) => ({ key: `${tray.task}@${tray.next}`, what: `${tray.name}: read it now` }));
    return [...over, ...read];
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
