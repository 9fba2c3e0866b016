import type { Judged } from "../api/client";

export type Row = { name: string; before: string; after: string; changed: boolean };

const diets = (judged: Judged) =>
  judged.taste.suits.diets
    .filter((diet) => diet.suits)
    .map((diet) => diet.name)
    .join(", ") || "no special diet";
const allergens = (judged: Judged) =>
  judged.taste.suits.allergens.map((allergen) => allergen.name).join(", ") || "none";
const notes = (judged: Judged) =>
  judged.taste.balance.notes.map((note) => note.what.toLowerCase()).join(", ") || "nothing to say";

// Two builds beside each other, in the same words.
export function beside(before: Judged, after: Judged): Row[] {
  const row = (name: string, say: (judged: Judged) => string): Row => ({
    name,
    before: say(before),
    after: say(after),
    changed: say(before) !== say(after),
  });
  return [
    row("Prepared", (judged) =>
      judged.salad.components
        .map((each) =>
          [each.ingredient, each.cut, each.treat, each.cook?.method].filter(Boolean).join(" "),
        )
        .join("; "),
    ),
    row("Portion, dressed", (judged) => judged.portion.portion_grams.text),
    row("Balance", notes),
    row("Salt, of the salad", (judged) => judged.taste.ledger.salt_share.text),
    row("Acid, on the plate", (judged) => judged.taste.ledger.acid_share.text),
    row("Contains", allergens),
    row("For", diets),
    row("Cost, a serving", (judged) => judged.taste.cost.cost.text),
    row("Best once dressed", (judged) => judged.hold.dressed_minutes.text),
    row("Dressing, a serving", (judged) => judged.portion.dressing_grams.text),
  ];
}
