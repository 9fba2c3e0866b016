// Checks the contract, in a file as `bin/contract --print` gives it, by the recommended rules of a public
// linter.
import { createConfig, lintFromString } from "@redocly/openapi-core";
import { readFileSync } from "node:fs";
import process from "node:process";

const config = await createConfig({ extends: ["recommended"] });
const problems = await lintFromString({ source: readFileSync(process.argv[2], "utf8"), config });
const errors = problems.filter(({ severity }) => severity === "error");
for (const { ruleId, message, location } of errors) {
  console.error(`${ruleId} ${location[0]?.pointer ?? ""}: ${message}`);
}
process.exitCode = errors.length > 0 ? 1 : 0;
