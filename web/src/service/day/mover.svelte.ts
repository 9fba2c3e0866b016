import { minutesOf, momentOf } from "../../ui/clock";
import type { DayOf, DayTask } from "./day.svelte";

// Moves a task along the range that it has: dragged, or by the arrow keys. Whatever it is drawn on asks here.
export class Mover {
  static readonly SNAP = 5;
  private static readonly DRAG = 4;
  // What is being dragged, and by how many minutes; apart, so that a move is no news to what stays.
  private pulled = $state<string>();
  private by = $state(0);

  // perPixel: minutes that a pixel of the day stands for.
  constructor(
    private readonly of: () => DayOf,
    readonly perPixel: () => number,
  ) {}

  get day(): DayOf {
    return this.of();
  }

  readonly spans = $derived.by(() =>
    this.day.ranges.map((range) => [minutesOf(range.from), minutesOf(range.to)] as const),
  );

  shift = (task: DayTask): number => (this.pulled === task.key ? this.by : 0);

  down = (event: PointerEvent, task: DayTask): void => {
    const begin = event.clientX;
    const target = event.currentTarget as HTMLElement;
    if (this.day.chosen !== task.key) void this.day.choose(task.key);
    target.setPointerCapture(event.pointerId);
    const pull = (moved: PointerEvent) => {
      if (this.pulled === undefined && Math.abs(moved.clientX - begin) <= Mover.DRAG) return;
      this.pulled = task.key;
      this.by = (moved.clientX - begin) * this.perPixel();
    };
    const up = () => {
      target.removeEventListener("pointermove", pull);
      if (this.pulled) this.move(minutesOf(task.start) + this.by);
      this.pulled = undefined;
    };
    target.addEventListener("pointermove", pull);
    target.addEventListener("pointerup", up, { once: true });
    target.addEventListener("pointercancel", up, { once: true });
  };

  keys = (event: KeyboardEvent, task: DayTask): void => {
    const by = { ArrowLeft: -Mover.SNAP, ArrowRight: Mover.SNAP }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    if (this.day.chosen !== task.key) return void this.day.choose(task.key);
    // From one range to the next where there is a gap.
    const start = minutesOf(task.start) + by;
    const beyond =
      by < 0
        ? Math.max(...this.spans.map(([, high]) => high).filter((high) => high <= start))
        : Math.min(...this.spans.map(([low]) => low).filter((low) => low >= start));
    if (this.spans.some(([low, high]) => start >= low && start <= high)) this.move(start);
    else if (Number.isFinite(beyond)) this.move(beyond);
  };

  private move(to: number): void {
    const chosen = this.day.task;
    const start = this.nearest(Math.round(to / Mover.SNAP) * Mover.SNAP);
    if (chosen && start !== undefined && start !== minutesOf(chosen.start))
      void this.day.decide({ pin: { task: chosen.key, at: momentOf(start) } });
  }

  private nearest(start: number): number | undefined {
    return this.spans
      .map(([low, high]) => Math.min(Math.max(start, low), high))
      .sort((one, other) => Math.abs(one - start) - Math.abs(other - start))[0];
  }
}
