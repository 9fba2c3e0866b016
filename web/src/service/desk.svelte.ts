import {
  api,
  ask,
  plainly,
  type Plan,
  type Problem,
  type Schemas,
  type Service,
  type Working,
} from "../api/client";
import type { Explains, Keep } from "../ui/explains";
import { DayOf } from "./day/day.svelte";
import { Latest } from "../state/latest";
import { by } from "../state/who.svelte";
import { ChangeQueue, type Change, type Clash, type Outcome, type Value } from "./changes";

type Undo = { back: () => void; covers?: number };

const BURST = 4000;
const UNDOS = 50;
const STILL = 250;

// One service on the desk: its plan, the changes on their way, what can be undone, and the
// working that is open. The server answers each change with the whole plan.
export class Desk implements Explains {
  service = $state.raw<Service>();
  plan = $state.raw<Plan>();
  difference = $state.raw<{ title: string; items: string[] }>();
  problem = $state.raw<Problem>();
  faults = $state<Record<string, string>>({});
  undos = $state.raw<Undo[]>([]);
  clash = $state.raw<Clash<Service>>();
  silent = $state(false);
  busy = $state(false);
  working = $state.raw<Working>();
  private readonly asked = new Latest();

  private readonly changes = new ChangeQueue<Service>(
    (change) => this.send(change),
    () => ([this.busy, this.clash] = [this.changes.busy, this.changes.clash]),
  );
  private lastAt = "";
  private lastTime = 0;
  private fading: ReturnType<typeof setTimeout> | undefined;

  // The day of this service, solved a moment after the plan stands still.
  readonly day: DayOf;
  private solving: ReturnType<typeof setTimeout> | undefined;

  constructor(readonly id: number) {
    this.day = new DayOf(
      id,
      undefined,
      (undo) => this.remember(undo),
      () => void this.replan(),
    );
  }

  // What can hurt somebody in the plan, and on its day as far as that is solved.
  get found(): Schemas["Finding"][] {
    const ofDay = (this.day.roster?.hazards ?? []).filter((each) => each.stage === "day");
    return [...(this.plan?.hazards ?? []), ...ofDay];
  }

  async open(): Promise<void> {
    const path = { params: { path: { id: this.id } } };
    const [service, plan] = await Promise.all([
      ask(api.GET("/api/services/{id}", path)),
      ask(api.GET("/api/services/{id}/plan", path)),
    ]);
    this.problem = service.problem ?? plan.problem;
    this.service = service.data;
    this.plan = plan.data;
  }

  // Something of it was written, here or on another screen: what is new is shown.
  async moved(): Promise<void> {
    if (this.busy || this.day.busy || this.clash) return;
    const { data } = await ask(api.GET("/api/services/{id}", { params: { path: { id: this.id } } }));
    if (!data || this.busy || this.day.busy) return;
    if (data.version !== this.service?.version) await this.open();
    else this.solveSoon();
  }

  change(at: string, value: Value, keep: Keep = "service"): void {
    this.changes.add({ at, value, keep });
  }

  undo(): void {
    const last = this.undos[0];
    if (!last) return;

    this.undos = this.undos.slice(1);
    last.back();
  }

  // Something that can be taken back, the latest first.
  remember(undo: Undo): void {
    this.undos = [undo, ...this.undos].slice(0, UNDOS);
  }

  // Sends ours again on top of theirs, or lets it go; what waits behind it is sent either way.
  settle(mine: boolean): void {
    this.service = this.clash?.theirs ?? this.service;
    if (!mine && this.changes.empty) void this.open();
    this.changes.settle(mine);
  }

  async explain(at: string): Promise<void> {
    const answer = await this.asked.of(
      ask(api.GET("/api/services/{id}/working", { params: { path: { id: this.id }, query: { at } } })),
    );
    if (!answer) return;
    this.working = answer.data;
    this.problem = answer.problem;
  }

  close(): void {
    this.asked.letGo();
    this.working = undefined;
  }

  solveSoon(): void {
    clearTimeout(this.solving);
    this.solving = setTimeout(() => void this.day.load(), STILL);
  }

  // A change under way brings the plan as well, and a later one.
  private async replan(): Promise<void> {
    const { data } = await ask(
      api.GET("/api/services/{id}/plan", { params: { path: { id: this.id } } }),
    );
    if (data && !this.busy) this.plan = data;
  }

  private async send(change: Change): Promise<Outcome<Service>> {
    const service = this.service!;
    const burst = change.at === this.lastAt && Date.now() - this.lastTime < BURST;
    const since =
      change.at === "service/covers" ? (burst && this.undos[0]?.covers) || service.covers : undefined;
    const { data, problem } = await ask(
      api.POST("/api/services/{id}/changes", {
        params: { path: { id: this.id } },
        body: {
          version: service.version,
          at: change.at,
          value: change.value,
          keep: change.keep,
          since_covers: since,
          by: by(),
        },
      }),
    );
    this.silent = problem?.status === 0;
    if (this.silent) return "silent";
    if (problem?.status === 409 && problem.theirs)
      return { theirs: problem.theirs as unknown as Service };

    if (problem) this.faults[change.at] = plainly(problem);
    else this.accepted(change, data, burst, since);
    return "settled";
  }

  private accepted(
    change: Change,
    data: { service: Service; plan: Plan; previous: Value; difference: string[] },
    burst: boolean,
    since: number | undefined,
  ): void {
    const back = () =>
      this.changes.add({ at: change.at, value: data.previous, keep: change.keep, undoes: true });
    if (!change.undoes && !burst) this.remember({ back, covers: this.service!.covers });
    this.lastAt = change.undoes ? "" : change.at;
    this.lastTime = Date.now();
    delete this.faults[change.at];
    this.service = data.service;
    this.plan = data.plan;
    this.show(data.difference, since);
    if (this.working) void this.explain(this.working.at);
  }

  private show(items: string[], since: number | undefined): void {
    const title =
      since && since !== this.service!.covers ? `${since} → ${this.service!.covers}` : "Changed";
    this.difference = { title, items };
    clearTimeout(this.fading);
    this.fading = setTimeout(() => (this.difference = undefined), 12000);
  }
}
