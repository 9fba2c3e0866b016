import { Latest } from "../../state/latest";
import { Slow } from "../../state/slow.svelte";
import { by } from "../../state/who.svelte";
import { wallClock } from "../../ui/clock";
import { api, ask, SILENCE, type Answer, type Problem, type Schemas } from "../../api/client";
import { decideLater, waitingMarks, withId } from "../../state/sent.svelte";

export type Roster = Schemas["Roster"];
export type DayTask = Schemas["DayTask"];
export type DayDecision = Schemas["DayDecision"];
export type Fix = Schemas["WayOut"];

// Nothing of a service that is written down late is planned for what is over by then.
export async function planFromNow(service: { id: number }): Promise<void> {
  await ask(
    api.POST("/api/services/{id}/day", {
      params: { path: { id: service.id } },
      body: { since: wallClock() },
    }),
  );
}

// The day of one service, solved by the server: loaded, decided upon, and loaded again as it is then.
export class DayOf {
  roster = $state.raw<Roster>();
  problem = $state.raw<Problem>();
  fixes = $state.raw<Fix[]>();
  // How sure it is; asked for once the day stands, so that nothing waits for it.
  chance = $state.raw<Schemas["Chance"]>();
  // What the last change moved of the days that are planned around this one.
  moved = $state.raw<{ id: number; name: string; said: string; before: string }[]>([]);
  private later: Schemas["LaterDay"][] | undefined;
  busy = $state(false);
  // The search for ways out.
  readonly trying = new Slow();
  // The best that it has found so far.
  get foundSoFar(): Fix[] {
    return (this.trying.far?.found as Fix[] | undefined) ?? [];
  }
  // Where the chosen task may begin if nothing else moves.
  ranges = $state.raw<Schemas["Span"][]>([]);
  chosen = $state<string>();

  constructor(
    readonly id: number,
    readonly now: () => string | undefined = () => undefined,
    readonly remember: (undo: { back: () => void }) => void = () => {},
    readonly decided: () => void = () => {},
  ) {}

  get task(): DayTask | undefined {
    return this.roster?.tasks.find((task) => task.key === this.chosen);
  }

  private readonly asked = new Latest();
  private deciding: Promise<void> | undefined;

  // Never beside a decision, whose answer it would undo on screen; of several under way only the
  // latest counts.
  async load(): Promise<void> {
    const answer = await this.asked.of(this.lookAfterDecision());
    if (answer) this.take(answer.data, answer.problem);
  }

  private async lookAfterDecision(): Promise<Answer<Roster>> {
    await this.deciding;
    return ask(
      api.GET("/api/services/{id}/day", { params: { path: { id: this.id }, query: this.query() } }),
    );
  }

  async decide(decision: DayDecision): Promise<void> {
    this.deciding = this.send(decision);
    await this.deciding;
  }

  private async send(decision: DayDecision): Promise<void> {
    this.asked.letGo();
    this.busy = true;
    const now = this.now();
    const body = withId({
      ...decision,
      ...(now && { now }),
      ...(by() && decision.mark && { by: by() }),
    });
    const { data, problem } = await ask(
      api.POST("/api/services/{id}/day", { params: { path: { id: this.id } }, body }),
    );
    if (problem === SILENCE && decision.mark) return this.keepForLater(body);
    this.busy = false;
    this.take(data, problem);
    const before = data?.before;
    if (before && !decision.restore)
      this.remember({ back: () => void this.decide({ restore: before }) });
    if (data) this.decided();
    if (data && this.chosen) await this.choose(this.chosen);
  }

  // Nobody answers: a tick waits on this device, and is shown as it is.
  private keepForLater(decision: DayDecision): void {
    this.busy = false;
    decideLater(
      this.id,
      decision,
      this.roster?.tasks.find((task) => task.key === decision.mark!.task)?.name ?? "",
    );
    if (this.roster) this.roster = this.withWaiting(this.roster);
  }

  private withWaiting(roster: Roster): Roster {
    const marks = waitingMarks(this.id);
    const tasks = roster.tasks.map((task) => {
      const mark = marks[task.key];
      return mark ? { ...task, state: mark.state } : task;
    });
    return { ...roster, tasks };
  }

  async findFixes(): Promise<void> {
    this.busy = true;
    const { now } = this.query();
    const path = `/api/services/${this.id}/day/fixes${now ? `?now=${encodeURIComponent(now)}` : ""}`;
    const answer = await this.trying.run<Fix[]>(path);
    this.busy = false;
    this.fixes = answer.data;
    this.problem = Slow.fault(answer) ?? this.problem;
  }

  async choose(key: string | undefined): Promise<void> {
    if (key !== this.chosen) this.ranges = [];
    this.chosen = key;
    if (!key) return;
    const { data } = await ask(
      api.GET("/api/services/{id}/day/range", {
        params: { path: { id: this.id }, query: { task: key, ...this.query() } },
      }),
    );
    if (this.chosen === key) this.ranges = data ?? [];
  }

  private query(): { now?: string } {
    const now = this.now();
    return now ? { now } : {};
  }

  private take(roster: Roster | undefined, problem: Problem | undefined): void {
    this.problem = problem;
    if (!roster) return;
    this.roster = this.withWaiting(roster);
    this.fixes = undefined;
    // What was played was another day.
    this.chance = undefined;
    void this.play(++this.taken);
  }

  // How many days were taken from the server: what is said of one before the last is of another day.
  private taken = 0;

  private async play(turn: number): Promise<void> {
    const { data } = await ask(
      api.GET("/api/services/{id}/day/chance", {
        params: { path: { id: this.id }, query: this.query() },
      }),
    );
    if (turn !== this.taken) return;
    this.chance = data;
    await this.lookElsewhere(turn);
  }

  // Last of all, as every later day is solved for it.
  private async lookElsewhere(turn: number): Promise<void> {
    const { data } = await ask(
      api.GET("/api/services/{id}/day/later", { params: { path: { id: this.id } } }),
    );
    if (!data || turn !== this.taken) return;
    const before = this.later ?? [];
    this.moved = data.flatMap(({ id, name, said }) => {
      const was = before.find((each) => each.id === id)?.said;
      return was !== undefined && was !== said ? [{ id, name, said, before: was }] : [];
    });
    this.later = data;
  }
}
