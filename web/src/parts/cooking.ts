import type { Cooking, Figure } from "../api/client";

// Which figures a cooking sheet has depends on its method; these read them by name.
export function figure(batch: Cooking, name: string): Figure | undefined {
  const found = batch[name];
  return typeof found === "object" && found !== null && "text" in found ? (found as Figure) : undefined;
}

export const amount = (batch: Cooking, name: string) => Number(figure(batch, name)?.value ?? 0);
export const text = (batch: Cooking, name: string) => figure(batch, name)?.text ?? "";

// The figure that stands for a method in the list: what goes in.
export const HEADLINE: Record<Cooking["method"], string> = {
  absorption: "dry_grams",
  boil: "dry_grams",
  simmer: "dry_grams",
  roast: "raw_grams",
  toast: "raw_grams",
  tinned: "net_grams",
};

// The figures of each method in the order they are needed at the stove.
export const FACTS: Record<Cooking["method"], [name: string, label: string][]> = {
  absorption: [
    ["batch_dry_grams", "Dry grain"],
    ["water_grams", "Water, cold"],
    ["salt_grams", "Salt"],
    ["batch_finished_grams", "Finishes at"],
    ["ratio_by_weight", "Water to dry, by weight"],
    ["ratio_by_volume", "Water to dry, by volume"],
    ["heat_up_minutes", "Heat up"],
    ["cook_minutes", "Simmer"],
    ["rest_minutes", "Rest, lid on"],
    ["total_minutes", "From cold to rested"],
    ["batches", "Batches"],
    ["dry_grams", "Dry, all batches"],
  ],
  boil: [
    ["batch_dry_grams", "Raw"],
    ["water_grams", "Water"],
    ["salt_grams", "Salt"],
    ["batch_finished_grams", "Drains to"],
    ["heat_up_minutes", "Heat up"],
    ["minutes", "Boil"],
    ["total_minutes", "From cold to drained"],
    ["batches", "Batches"],
  ],
  simmer: [
    ["batch_dry_grams", "Dry"],
    ["soak_water_grams", "Soak water"],
    ["soaked_grams", "Soaked"],
    ["water_grams", "Water in the pot"],
    ["soak_minutes", "Soak"],
    ["soak_line_cm", "Soak water line"],
    ["hard_boil_minutes", "Hard boil first"],
    ["simmer_minutes", "Bare simmer"],
    ["top_up_grams", "Top up, each half hour"],
    ["batch_finished_grams", "Finishes at"],
    ["total_minutes", "From cold to cooked"],
    ["batches", "Batches"],
  ],
  roast: [
    ["raw_grams", "Raw, onto the trays"],
    ["tray_grams", "On each tray"],
    ["trays", "Trays"],
    ["loads", "Oven loads"],
    ["celsius", "Oven"],
    ["minutes", "Each load"],
    ["oil_grams", "Oil"],
    ["salt_grams", "Salt"],
  ],
  toast: [
    ["raw_grams", "Raw"],
    ["batch_grams", "Each batch"],
    ["batches", "Batches"],
    ["minutes", "Each batch takes"],
  ],
  tinned: [
    ["net_grams", "In the tins, net"],
    ["liquid_grams", "Drains off"],
  ],
};
