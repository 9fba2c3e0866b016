import { api, ask, type Problem, type ServiceSummary } from "../api/client";
import { DayOf } from "../service/day/day.svelte";
import { Mover } from "../service/day/mover.svelte";

// One service's share of a day of the kitchen.
export type Share = { service: ServiceSummary; day: DayOf; mover: Mover };

// A day of the kitchen: every service of that date, and those of the days to come that are made ahead on it.
export class KitchenDay {
  shares = $state.raw<Share[]>();
  problem = $state.raw<Problem>();
  // How the last decision is taken back.
  undo = $state.raw<{ back: () => void }>();
  // Minutes that a pixel of the drawing stands for.
  perPixel = $state(1);
  private holder: Share | undefined;

  constructor(readonly date: string) {}

  async load(): Promise<void> {
    const { data, problem } = await ask(
      api.GET("/api/services", { params: { query: { worked_on: this.date } } }),
    );
    this.problem = problem;
    if (!data) return;
    this.shares = data.map((service) => this.share(service));
    await this.layOut(this.shares);
  }

  // What is chosen is chosen in one service at a time.
  hold(share: Share): void {
    if (this.holder === share) return;
    void this.holder?.day.choose(undefined);
    this.holder = share;
  }

  private share(service: ServiceSummary): Share {
    const day = new DayOf(
      service.id,
      undefined,
      (undo) => (this.undo = undo),
      () => void this.layOut((this.shares ?? []).filter((each) => each.day !== day)),
    );
    return {
      service,
      day,
      mover: new Mover(
        () => day,
        () => this.perPixel,
      ),
    };
  }

  // One after the other, as each is planned around those before it.
  private async layOut(shares: Share[]): Promise<void> {
    for (const { day } of shares) await day.load();
  }
}
