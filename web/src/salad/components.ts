import type { CookingMethod, Ingredient } from "../api/client";

// What an ingredient can be in a salad, read from its facts.
export const ROLES = [
  "base",
  "body",
  "accent",
  "creamy",
  "crunch",
  "sweet",
  "fresh",
  "garnish",
] as const;

const keysOf = (facts: Ingredient, field: string): string[] =>
  Object.keys((facts[field] as Record<string, unknown> | undefined) ?? {});
// Of the ways of cooking that there are, those that it has figures for.
export const methodsOf = (facts: Ingredient, methods: CookingMethod[]): CookingMethod[] =>
  methods.filter((method) => facts[method] !== undefined);
export const cutsOf = (facts: Ingredient): string[] => (facts.cuts as string[] | undefined) ?? [];
export const trimsOf = (facts: Ingredient) => keysOf(facts, "trims");
export const treatsOf = (facts: Ingredient) => keysOf(facts, "treats");

// A salad's key: its name in plain letters, and never twice the same.
export function keyFor(name: string): string {
  const plain = name
    .toLowerCase()
    .normalize("NFKD")
    .replace(/\p{M}/gu, "")
    .replace(/[^a-z0-9]+/g, "-")
    .replace(/^-+|-+$/g, "")
    .slice(0, 60);
  return `${plain}-${Date.now().toString(36)}`.replace(/^-/, "");
}
