import { api, ask, type KitchenRecord } from "../api/client";

type Measures = KitchenRecord["measures"];

// How figures are written, a setting of the kitchen: changed there, or from the top bar.
class Units {
  measures = $state.raw<Measures>();
  readonly words = $derived(this.measures ? `${this.measures.system === "us" ? "lb" : "kg"} · °${(this.measures.degrees ?? "c").toUpperCase()}` : "");
  // Counts up when the way of writing changes, so that open screens ask again.
  turned = $state(0);

  take(measures: Measures): void {
    this.measures = measures;
    this.turned += 1;
  }

  async load(): Promise<void> {
    this.measures = (await ask(api.GET("/api/kitchen"))).data?.measures;
  }

  // Between kg with °C and lb with °F, each with its own cup and spoons.
  async turn(): Promise<void> {
    const { data: kitchen } = await ask(api.GET("/api/kitchen"));
    if (!kitchen) return;

    const measures: Measures =
      kitchen.measures.system === "us"
        ? { system: "metric", degrees: "c", cup_ml: 250, tablespoon_ml: 15, teaspoon_ml: 5 }
        : { system: "us", degrees: "f", cup_ml: 236.6, tablespoon_ml: 14.8, teaspoon_ml: 4.93 };
    const { data } = await ask(api.PUT("/api/kitchen", { body: { ...kitchen, measures } }));
    if (data) this.take(data.measures);
  }
}

export const units = new Units();
