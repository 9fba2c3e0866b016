import {
  api,
  ask,
  plainly,
  type Answer,
  type Component,
  type CookingMethod,
  type Ingredient,
  type Judged,
  type Problem,
  type SaladInput,
  type Working,
} from "../api/client";
import type { Explains } from "../ui/explains";
import { Latest } from "../state/latest";
import { by } from "../state/who.svelte";

export const GOALS = [
  "nut-free",
  "egg-free",
  "dairy-free",
  "gluten-free",
  "vegan",
  "vegetarian",
  "cheaper",
  "hold-longer",
] as const;
export type Dressing = NonNullable<SaladInput["dressing"]>;
export type Goal = (typeof GOALS)[number];
const MOST_UNDOS = 50;

// One salad on the bench: every change is judged by the server, kept when it can be, and undone
// by going back to the build before it. What cannot be stays typed, with the fault beside it.
export class SaladEditor implements Explains {
  salad = $state.raw<SaladInput>();
  judged = $state.raw<Judged>();
  trial = $state.raw<{ title: string; salad: SaladInput; judged: Judged }>();
  problem = $state.raw<Problem>();
  faults = $state<Record<string, string>>({});
  working = $state.raw<Working>();
  private readonly asked = new Latest();
  past = $state.raw<SaladInput[]>([]);
  saved = $state("");
  larder = $state.raw<Record<string, Ingredient>>({});
  // The ways of cooking that there are.
  methods = $state.raw<CookingMethod[]>([]);

  version = $state<number>();
  private fading: ReturnType<typeof setTimeout> | undefined;
  private last: Promise<void> = Promise.resolve();

  open(key: string): Promise<void> {
    void ask(api.GET("/api/kitchen/choices")).then(
      ({ data }) => (this.methods = data?.methods.map((method) => method.key) ?? []),
    );
    return this.inTurn(async () => {
      const { data, problem } = await ask(api.GET("/api/salads/{key}", { params: { path: { key } } }));
      this.problem = problem;
      if (!data) return;

      const { id: _id, version, ...salad } = data;
      this.version = version;
      await this.judge(salad as SaladInput);
    });
  }

  // The build as a change makes it of the latest one, judged and then kept; none where the change
  // came to nothing. at: where a fault of it belongs on screen.
  put(
    change: (salad: SaladInput) => SaladInput | undefined | Promise<SaladInput | undefined>,
    at = "salad",
    undoes = false,
  ): Promise<void> {
    return this.inTurn(async () => {
      const before = this.salad!;
      const salad = await change(before);
      if (!salad || !(await this.judge(salad, at))) return;
      if (undoes) this.past = this.past.slice(1);
      else if (!same(before, this.salad!)) this.past = [before, ...this.past].slice(0, MOST_UNDOS);
      this.trial = undefined;
      await this.save();
    });
  }

  dress(change: (dressing: Dressing) => Dressing): void {
    void this.put((salad) => ({ ...salad, dressing: change(salad.dressing!) }), "dressing");
  }

  component(index: number, change: Partial<Component>, at = `components/${index}`): void {
    this.line(
      index,
      (components, place) => components.with(place, clean({ ...components[place]!, ...change })),
      at,
    );
  }

  // Cooked or treated another way: what that does to its grams is worked out where the rules are.
  way(index: number, change: Pick<Partial<Component>, "cook" | "treat">): void {
    void this.put(async (salad) => {
      const { cook, treat, treat_minutes } = { ...salad.components[index]!, ...change };
      // How long it stands is of the treatment that was chosen with it.
      const stands = treat && !("treat" in change) && treat_minutes;
      const way = {
        ...(cook && { cook }),
        ...(treat && { treat }),
        ...(stands && { treat_minutes: stands }),
      };
      const body = { salad, component: index, way };
      return this.reworked(await ask(api.POST("/api/trials/way", { body })));
    }, `components/${index}`);
  }

  amount(index: number, text: string): void {
    this.line(
      index,
      (components, place) => {
        const { grams: _grams, right: _right, ...component } = components[place]!;
        return components.with(place, { ...component, amount: text });
      },
      `components/${index}/grams`,
    );
  }

  add(component: Component): void {
    void this.put((salad) => ({ ...salad, components: [...salad.components, component] }));
  }

  remove(index: number): void {
    this.line(index, (components, place) => components.toSpliced(place, 1));
  }

  move(from: number, to: number): void {
    if (to < 0 || to >= this.salad!.components.length) return;
    this.line(from, (components, place) =>
      components.toSpliced(place, 1).toSpliced(to, 0, components[place]!),
    );
  }

  undo(): void {
    void this.put(() => this.past[0], "salad", true);
  }

  resize(grams: number | undefined, serves_as: SaladInput["serves_as"]): void {
    void this.put(async (salad) =>
      this.reworked(
        await ask(api.POST("/api/trials/resize", { body: { salad: { ...salad, serves_as }, grams } })),
      ),
    );
  }

  ratio(times: number): void {
    void this.put(
      async (salad) =>
        this.reworked(await ask(api.POST("/api/trials/ratio", { body: { salad, times } }))),
      "dressing",
    );
  }

  // A whole set of swaps, seen before it is taken.
  async make(goal: Goal): Promise<void> {
    const { data, problem } = await ask(
      api.POST("/api/trials/make", { body: { salad: this.salad!, goal } }),
    );
    this.problem = problem;
    if (!data) return;
    const said =
      data.changes.map((change) => `${change.to} for ${change.from.toLowerCase()}`).join("; ") ||
      "nothing has to change";
    const left =
      data.left.length > 0
        ? `. Nothing stands in for ${data.left.join(", ").toLowerCase()}: take it out or leave it.`
        : "";
    this.trial = { title: `${goal}: ${said}${left}`, salad: data.judged.salad, judged: data.judged };
  }

  // Judges a build without keeping it, to be seen beside this one;
  // in turn, or a change that is still under way would put it away again.
  tryOut(title: string, salad: SaladInput): Promise<void> {
    return this.inTurn(async () => {
      const { data, problem } = await ask(api.POST("/api/trials", { body: { salad } }));
      this.problem = problem;
      this.trial = data && { title, salad: data.salad, judged: data };
    });
  }

  async explain(at: string): Promise<void> {
    const body = { salad: this.salad! };
    const answer = await this.asked.of(
      ask(api.POST("/api/trials/working", { params: { query: { at } }, body })),
    );
    if (!answer) return;
    this.working = answer.data;
    this.problem = answer.problem;
  }

  close(): void {
    this.asked.letGo();
    this.working = undefined;
  }

  // From a working: grams of a component, or a figure of the kitchen's own.
  change(at: string, value: string | number | null): void {
    const grams = /^salads\/[^/]+\/components\/(\d+)\/grams$/.exec(at);
    if (grams) return this.amount(Number(grams[1]), String(value));

    void ask(api.PUT("/api/house-figures", { body: { at, value, by: by() } })).then(
      async ({ problem }) => {
        if (problem) this.faults[at] = plainly(problem);
        else {
          delete this.faults[at];
          await this.inTurn(async () => void (await this.judge(this.salad!)));
          if (this.working) await this.explain(this.working.at);
        }
      },
    );
  }

  // The facts of an ingredient: which cuts, trims and ways of cooking it has.
  async facts(key: string): Promise<void> {
    if (this.larder[key]) return;
    const { data } = await ask(api.GET("/api/ingredients/{key}", { params: { path: { key } } }));
    if (data) this.larder = { ...this.larder, [key]: data };
  }

  // The line that is seen at this place now, wherever the changes still under way have moved it.
  private line(
    index: number,
    change: (components: Component[], place: number) => Component[],
    at?: string,
  ): void {
    const seen = this.salad!.components[index];
    void this.put(({ components, ...salad }) => {
      const moved = same(components[index], seen)
        ? -1
        : components.findIndex((component) => same(component, seen));
      return { ...salad, components: change(components, moved < 0 ? index : moved) };
    }, at);
  }

  private reworked({ data, problem }: Answer<{ salad: SaladInput }>): SaladInput | undefined {
    this.problem = problem;
    return data?.salad;
  }

  // One after the other, however fast they come: each change is made to what the one before it
  // left, names the version that one made, and is kept as a change of its own.
  private inTurn(step: () => Promise<void>): Promise<void> {
    return (this.last = this.last.then(step, step));
  }

  private async judge(salad: SaladInput, at = "salad"): Promise<boolean> {
    const { data, problem } = await ask(api.POST("/api/trials", { body: { salad } }));
    if (problem) {
      if (problem.status === 422) this.faults[at] = plainly(problem);
      else this.problem = problem;
      return false;
    }
    this.faults = {};
    this.problem = undefined;
    this.salad = data.salad;
    this.judged = data;
    for (const component of data.salad.components) void this.facts(component.ingredient);
    return true;
  }

  private async save(): Promise<void> {
    const { key } = this.salad!;
    const { data, problem } = await ask(
      api.PUT("/api/salads/{key}", {
        params: { path: { key } },
        body: { ...this.salad!, version: this.version! },
      }),
    );
    this.problem = problem;
    if (!data) return;
    this.version = data.version;
    this.saved = "Saved";
    clearTimeout(this.fading);
    this.fading = setTimeout(() => (this.saved = ""), 2000);
  }
}

const same = (one: unknown, other: unknown): boolean => JSON.stringify(one) === JSON.stringify(other);

// Without what was emptied, so that the contract sees only what is there.
function clean(component: Component): Component {
  return Object.fromEntries(
    Object.entries(component).filter(([, value]) => value !== undefined && value !== "" && value !== 0),
  ) as Component;
}
