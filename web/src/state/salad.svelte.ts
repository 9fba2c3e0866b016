import { api, ask, plainly, type Component, type Ingredient, type Judged, type Problem, type SaladInput, type Working } from "../api/client";
import type { Explains } from "./explains";
import { by } from "./who.svelte";

export const GOALS = ["nut-free", "egg-free", "dairy-free", "gluten-free", "vegan", "vegetarian", "cheaper", "hold-longer"] as const;
export type Goal = (typeof GOALS)[number];
const MOST_UNDOS = 50;

// One salad on the bench: every change is judged by the server, kept when it can be, and undone
// by going back to the build before it. What cannot be stays typed, with the fault beside it.
export class SaladBench implements Explains {
  salad = $state.raw<SaladInput>();
  judged = $state.raw<Judged>();
  trial = $state.raw<{ title: string; salad: SaladInput; judged: Judged }>();
  problem = $state.raw<Problem>();
  faults = $state<Record<string, string>>({});
  working = $state.raw<Working>();
  past = $state.raw<SaladInput[]>([]);
  saved = $state("");
  larder = $state.raw<Record<string, Ingredient>>({});

  version = $state<number>();
  private asked = 0;
  private saving: Promise<void> = Promise.resolve();

  async open(key: string): Promise<void> {
    const { data, problem } = await ask(api.GET("/api/salads/{key}", { params: { path: { key } } }));
    this.problem = problem;
    if (!data) return;

    const { id: _id, version, ...salad } = data;
    this.version = version;
    await this.judge(salad as SaladInput);
  }

  // A new build, judged and then kept. at: where a fault of it belongs on screen.
  async put(salad: SaladInput, at = "salad", undoes = false): Promise<void> {
    const before = this.judged?.salad;
    if (!(await this.judge(salad, at))) return;
    if (before && !undoes) this.past = [before, ...this.past].slice(0, MOST_UNDOS);
    this.trial = undefined;
    await this.save();
  }

  component(index: number, change: Partial<Component>, at = `components/${index}`): void {
    const components = this.salad!.components.map((each, place) => (place === index ? clean({ ...each, ...change }) : each));
    void this.put({ ...this.salad!, components }, at);
  }

  amount(index: number, text: string): void {
    const { grams: _grams, right: _right, ...rest } = this.salad!.components[index]!;
    const components = this.salad!.components.map((each, place) => (place === index ? { ...rest, amount: text } : each));
    void this.put({ ...this.salad!, components }, `components/${index}/grams`);
  }

  add(component: Component): void {
    void this.put({ ...this.salad!, components: [...this.salad!.components, component] });
  }

  remove(index: number): void {
    void this.put({ ...this.salad!, components: this.salad!.components.filter((_, place) => place !== index) });
  }

  move(from: number, to: number): void {
    const components = [...this.salad!.components];
    if (to < 0 || to >= components.length) return;
    components.splice(to, 0, ...components.splice(from, 1));
    void this.put({ ...this.salad!, components });
  }

  undo(): void {
    const [last, ...rest] = this.past;
    if (!last) return;
    this.past = rest;
    void this.put(last, "salad", true);
  }

  async resize(grams: number | undefined, serves_as: SaladInput["serves_as"]): Promise<void> {
    const salad = { ...this.salad!, serves_as };
    const { data, problem } = await ask(api.POST("/api/bench/resize", { body: { salad, grams } }));
    this.problem = problem;
    if (data) await this.put(data.salad);
  }

  // A whole set of swaps, seen before it is taken.
  async make(goal: Goal): Promise<void> {
    const { data, problem } = await ask(api.POST("/api/bench/make", { body: { salad: this.salad!, goal } }));
    this.problem = problem;
    if (!data) return;
    const said = data.changes.map((change) => `${change.to} for ${change.from.toLowerCase()}`).join("; ") || "nothing has to change";
    const left = data.left.length > 0 ? `. Nothing stands in for ${data.left.join(", ").toLowerCase()}: take it out or leave it.` : "";
    this.trial = { title: `${goal}: ${said}${left}`, salad: data.judged.salad, judged: data.judged };
  }

  // Judges a build without keeping it, to be seen beside this one.
  async tryOut(title: string, salad: SaladInput): Promise<void> {
    const { data, problem } = await ask(api.POST("/api/bench", { body: { salad } }));
    this.problem = problem;
    this.trial = data && { title, salad: data.salad, judged: data };
  }

  async explain(at: string): Promise<void> {
    const { data, problem } = await ask(api.POST("/api/bench/working", { params: { query: { at } }, body: { salad: this.salad! } }));
    this.working = data;
    this.problem = problem;
  }

  // From a working: grams of a component, or a figure of the kitchen's own.
  change(at: string, value: string | number | null): void {
    const grams = /^salads\/[^/]+\/components\/(\d+)\/grams$/.exec(at);
    if (grams) return this.amount(Number(grams[1]), String(value));

    void ask(api.PUT("/api/house-figures", { body: { at, value, by: by() } })).then(async ({ problem }) => {
      if (problem) this.faults[at] = plainly(problem);
      else {
        delete this.faults[at];
        await this.judge(this.salad!);
        if (this.working) await this.explain(this.working.at);
      }
    });
  }

  // The facts of an ingredient: which cuts, trims and ways of cooking it has.
  async facts(key: string): Promise<void> {
    if (this.larder[key]) return;
    const { data } = await ask(api.GET("/api/ingredients/{key}", { params: { path: { key } } }));
    if (data) this.larder = { ...this.larder, [key]: data };
  }

  private async judge(salad: SaladInput, at = "salad"): Promise<boolean> {
    const turn = ++this.asked;
    const { data, problem } = await ask(api.POST("/api/bench", { body: { salad } }));
    if (turn !== this.asked) return false;
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

  // One after the other, so that each names the version that the one before it made.
  private save(): Promise<void> {
    return (this.saving = this.saving.then(() => this.store()));
  }

  private async store(): Promise<void> {
    const { key } = this.salad!;
    const { data, problem } = await ask(api.PUT("/api/salads/{key}", { params: { path: { key } }, body: { ...this.salad!, version: this.version! } }));
    this.problem = problem;
    if (!data) return;
    this.version = data.version;
    this.saved = "Saved";
    setTimeout(() => (this.saved = ""), 2000);
  }
}

// Without what was emptied, so that the contract sees only what is there.
function clean(component: Component): Component {
  return Object.fromEntries(Object.entries(component).filter(([, value]) => value !== undefined && value !== "" && value !== 0)) as Component;
}
