import type { components } from "./schema";

type Problem = components["schemas"]["Problem"];

// The server did not answer at all: off line, stopped, or unplugged.
export const SILENCE: Problem = {
  type: "about:blank",
  title: "The server does not answer.",
  status: 0,
  remedy: "What you typed is kept here and sent again when it does.",
  faults: [],
};
