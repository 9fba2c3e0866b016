import createClient from "openapi-fetch";
import { heard } from "../state/stale.svelte";
import { SILENCE } from "./problem";
import type { components, paths } from "./schema";

export { SILENCE };

export type Schemas = components["schemas"];
export type Bowls = Schemas["Bowls"];
export type CookingMethod = Schemas["CookingMethod"];
export type Bench = Schemas["Plan"]["benches"][number];
export type Component = Schemas["Component"];
export type CoolDown = Schemas["CoolDown"];
export type Cooking = Schemas["Cooking"];
export type DressingBatch = Schemas["DressingBatch"];
export type Figure = Schemas["Figure"];
export type HoldWindow = Schemas["HoldWindow"];
export type HouseRules = Schemas["HouseRulesInWords"];
export type KitchenRecord = Schemas["KitchenRecord"];
export type Starter = Schemas["Starter"];
export type KitchenChoices = Schemas["KitchenChoices"];
export type ToolRates = Schemas["ToolRates"];
export type Ingredient = Schemas["Ingredient"];
export type Judged = Schemas["Judged"];
export type IngredientPage = Schemas["IngredientPage"];
export type IngredientSummary = Schemas["IngredientSummary"];
export type LarderReport = Schemas["LarderReport"];
export type Layer = Schemas["Layer"];
export type Plan = Schemas["Plan"];
export type Portion = Schemas["Portion"];
export type Prep = Schemas["Prep"];
export type Problem = Schemas["Problem"];
export type Purchase = Schemas["Purchase"];
export type RecipeDraft = Schemas["RecipeDraft"];
export type RecipeLine = Schemas["RecipeLine"];
export type Salad = Schemas["Salad"];
export type SaladInput = Schemas["SaladInput"];
export type ShelfSalad = Schemas["ShelfSalad"];
export type SwapOffer = Schemas["SwapOffer"];
export type Taste = Schemas["Taste"];
export type Service = Schemas["Service"];
export type ServiceSummary = Schemas["ServiceSummary"];
export type Snag = Schemas["Snag"];
export type Working = Schemas["Working"];

export const api = createClient<paths>({ baseUrl: location.origin });

export type Answer<T> = { data: T; problem?: undefined } | { data?: undefined; problem: Problem };

// Turns a fetch into data or a problem; never throws.
export async function ask<T>(
  request: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<Answer<T>> {
  try {
    const { data, error, response } = await request;
    heard(response);
    if (response.ok) return { data: data as T };
    return {
      problem: isProblem(error)
        ? error
        : { ...SILENCE, title: `The server answered ${response.status}.`, status: response.status },
    };
  } catch {
    return { problem: SILENCE };
  }
}

function isProblem(error: unknown): error is Problem {
  return typeof error === "object" && error !== null && "faults" in error;
}

// The first fault in plain words, or the title when there is none.
export function plainly(problem: Problem): string {
  const fault = problem.faults[0];
  return fault
    ? `${fault.what} ${fault.remedy}`
    : [problem.title, problem.remedy].filter(Boolean).join(" ");
}
