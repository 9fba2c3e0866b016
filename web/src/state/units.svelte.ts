import { api, ask, type KitchenRecord } from "../api/client";

type Measures = KitchenRecord["measures"];

// How figures are written, a setting of the kitchen: changed there, or from the top bar.
class Units {
  measures = $state.raw<Measures>();
  readonly words = $derived(
    this.measures
      ? `${this.measures.system === "us" ? "lb" : "kg"} · °${(this.measures.degrees ?? "c").toUpperCase()}`
      : "",
  );
  // Counts up when the way of writing changes, so that open screens ask again.
  turned = $state(0);

  take(measures: Measures): void {
    this.measures = measures;
    this.turned += 1;
  }

  async load(): Promise<void> {
    this.measures = (await ask(api.GET("/api/kitchen"))).data?.measures;
  }

  // Between kg with °C and lb with °F.
  async turn(): Promise<void> {
    const { data } = await ask(api.POST("/api/kitchen/measures/turn"));
    if (data) this.take(data.measures);
  }
}

export const units = new Units();
