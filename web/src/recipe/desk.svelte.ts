import {
  api,
  ask,
  type Answer,
  type IngredientSummary,
  type Judged,
  type Problem,
  type RecipeDraft,
  type RecipeLine,
} from "../api/client";
import { Latest } from "../state/latest";
import { keyFor } from "../salad/components";

// A written recipe on the desk: its text, what each line was taken for, and the salad that grows from it.
// What was pasted and decided stays in this tab until the salad is made.
const KEPT = "pasted";

type Kept = {
  text?: string;
  servings?: number;
  chosen?: Record<string, string>;
  mended?: Record<string, string>;
  right?: string[];
  declined?: string[];
  grams?: number | "carried";
};

export class Desk {
  text = $state("");
  servings = $state<number>();
  draft = $state.raw<RecipeDraft>();
  judged = $state.raw<Judged>();
  problem = $state.raw<Problem>();
  learnt = $state<string>();
  // By the line's own words, so that they outlast other lines coming and going.
  chosen = $state.raw<Record<string, string>>({});
  mended = $state.raw<Record<string, string>>({});
  right = $state.raw<string[]>([]);
  // What the steps tell and the cook does not want, by the words of its line and the fact.
  declined = $state.raw<string[]>([]);
  // The dressing as it is written where this is nothing, what is carried, or so many g a serving.
  grams = $state<number | "carried">();
  at = $state<string>();
  private readonly asked = new Latest();

  constructor() {
    const kept = JSON.parse(sessionStorage.getItem(KEPT) ?? "{}") as Kept;
    Object.assign(this, kept);
  }

  keep(): void {
    const { text, servings, chosen, mended, right, declined, grams } = this;
    sessionStorage.setItem(
      KEPT,
      JSON.stringify({ text, servings, chosen, mended, right, declined, grams }),
    );
  }

  // Lines by their words, and which of those that have the same.
  static ids(lines: RecipeLine[]): [string, RecipeLine][] {
    const seen: Record<string, number> = {};
    return lines.map((line) => {
      const place = (seen[line.text] = (seen[line.text] ?? -1) + 1);
      return [place > 0 ? `${line.text}\n${place}` : line.text, line];
    });
  }

  id(line: RecipeLine): string {
    const found = Desk.ids(this.draft?.lines ?? []).find(([, each]) => each.number === line.number);
    return found?.[0] ?? line.text;
  }

  foods = $derived((this.draft?.lines ?? []).filter((line) => line.kind === "ingredient"));
  open = $derived(this.foods.filter((line) => line.status !== "sure" && !line.left));
  current = $derived(this.foods.find((line) => this.id(line) === this.at) ?? this.open[0]);
  salad = $derived(this.draft?.salad && this.dressed(this.draft.salad));

  private dressed(salad: NonNullable<RecipeDraft["salad"]>): NonNullable<RecipeDraft["salad"]> {
    if (!salad.dressing || this.grams === undefined) return salad;
    const { grams: _written, ...dressing } = salad.dressing;
    return {
      ...salad,
      dressing: this.grams === "carried" ? dressing : { ...dressing, grams: this.grams },
    };
  }

  async read(): Promise<void> {
    if (!this.text.trim()) {
      this.asked.letGo();
      return void (this.draft = this.judged = this.problem = undefined);
    }
    const answer = await this.asked.of(this.readAsDecided());
    if (!answer) return;
    this.draft = answer.data ?? (answer.problem ? undefined : this.draft);
    this.problem = answer.problem;
    await this.judge();
  }

  // What was decided is known by the lines as they are read.
  private async readAsDecided(): Promise<Answer<RecipeDraft>> {
    const answer = await this.post([]);
    return answer.data && this.decided(answer.data.lines) ? this.post(answer.data.lines) : answer;
  }

  private post(lines: RecipeLine[]) {
    const { text, servings } = this;
    const ids = Desk.ids(lines);
    const named = (said: Record<string, string>): Record<string, string> =>
      Object.fromEntries(
        ids.filter(([id]) => said[id]).map(([id, line]) => [String(line.number), said[id]!]),
      );
    return ask(
      api.POST("/api/paste", {
        body: {
          text,
          choices: named(this.chosen),
          amounts: named(this.mended),
          right: ids.filter(([id]) => this.right.includes(id)).map(([, line]) => line.number),
          declined: this.declined,
          ...(servings ? { servings } : {}),
        },
      }),
    );
  }

  private decided(lines: RecipeLine[]): boolean {
    return Desk.ids(lines).some(
      ([id]) => this.chosen[id] || this.mended[id] || this.right.includes(id),
    );
  }

  async judge(): Promise<void> {
    const salad = this.salad;
    if (!salad) return void (this.judged = undefined);
    const answer = await ask(
      api.POST("/api/trials", { body: { salad: { key: keyFor(salad.name), ...salad } } }),
    );
    if (salad === this.salad) this.judged = answer.data;
  }

  choose(line: RecipeLine, key: string): void {
    const id = this.id(line);
    this.chosen = { ...this.chosen, [id]: key };
    if (this.at === id) this.at = undefined;
  }

  mend(line: RecipeLine, amount: string | undefined): void {
    const id = this.id(line);
    const { [id]: _before, ...others } = this.mended;
    this.mended = amount ? { ...others, [id]: amount } : others;
  }

  // Takes what the steps tell, or does not.
  decline(key: string): void {
    this.declined = this.declined.includes(key)
      ? this.declined.filter((each) => each !== key)
      : [...this.declined, key];
  }

  leaveAsWritten(line: RecipeLine): void {
    this.right = [...this.right, this.id(line)];
  }

  // The next line with a question after this one, or the one before it.
  step(by: 1 | -1): void {
    const { open, current } = this;
    if (open.length === 0) return;
    const place = open.findIndex((line) => line.number === current?.number);
    this.at = this.id(open[(place + by + open.length) % open.length]!);
  }

  // It is another food, and called so in this house from now on.
  async another(line: RecipeLine, found: IngredientSummary): Promise<void> {
    this.choose(line, found.key);
    if (line.status === "unknown" && line.name) await this.teach(line.name, found.key);
  }

  private async teach(name: string, key: string): Promise<void> {
    const path = { params: { path: { key } } };
    const { data } = await ask(api.GET("/api/ingredients/{key}", path));
    if (!data) return;
    // A document as it is kept, with its version and every field of its own.
    const kept = data as typeof data & { version: number; aliases?: string[] };
    const aliases = [...(kept.aliases ?? []), name];
    const answer = await ask(
      api.PUT("/api/ingredients/{key}", { ...path, body: { ...kept, aliases } }),
    );
    if (answer.data) this.learnt = `“${name}” is ${data.name.toLowerCase()} here from now on.`;
  }

  // New to the larder: it begins with every figure of what it is like.
  async addLike(line: RecipeLine, like: IngredientSummary): Promise<void> {
    const name = line.name ?? line.text;
    const answer = await ask(
      api.POST("/api/ingredients", {
        body: { name: name[0]!.toUpperCase() + name.slice(1), like: like.key, aliases: [] },
      }),
    );
    this.problem = answer.problem;
    if (answer.data) this.choose(line, answer.data.key);
  }

  // @returns the key of the salad that was made
  async make(): Promise<string | undefined> {
    if (!this.salad) return undefined;
    const answer = await ask(
      api.POST("/api/salads", { body: { key: keyFor(this.salad.name), ...this.salad } }),
    );
    this.problem = answer.problem;
    if (answer.data) sessionStorage.removeItem(KEPT);
    return answer.data?.key;
  }
}
