import { describe, expect, it } from "vitest";
import type { Ingredient } from "../api/client";
import { cutsOf, keyFor, methodsOf, trimsOf } from "./components";

describe("what an ingredient can be in a salad", () => {
  const carrot = {
    roast: { yield: 0.7 },
    cuts: ["diced"],
    trims: { peeled: {} },
  } as unknown as Ingredient;

  it("is cooked in the ways that it has figures for, in the order there is", () => {
    expect(methodsOf(carrot, ["boil", "roast", "steam"])).toEqual(["roast"]);
  });

  it("is cut and trimmed as its facts say, or not at all", () => {
    expect([cutsOf(carrot), trimsOf(carrot)]).toEqual([["diced"], ["peeled"]]);
    expect([cutsOf({} as Ingredient), trimsOf({} as Ingredient)]).toEqual([[], []]);
  });
});

describe("a salad's key", () => {
  it("is its name in plain letters, of the form the server takes, whatever the name", () => {
    for (const name of ["Chickpea, fennel", "Crème fraîche & leek", "سلطة", "  ", "x".repeat(200)]) {
      expect(keyFor(name)).toMatch(/^[a-z0-9][a-z0-9-]{0,79}$/);
    }
    expect(keyFor("Crème fraîche & leek")).toMatch(/^creme-fraiche-leek-/);
  });
});
