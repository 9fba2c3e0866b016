import js from "@eslint/js";
import svelte from "eslint-plugin-svelte";
import globals from "globals";
import typescript from "typescript-eslint";

export default [
  { ignores: ["dist/**", "src/api/schema.d.ts"] },
  js.configs.recommended,
  ...typescript.configs.recommended,
  ...svelte.configs.recommended,
  {
    languageOptions: { globals: globals.browser },
    rules: {
      // What is taken out of an object to leave the rest begins with an underscore.
      "@typescript-eslint/no-unused-vars": [
        "error",
        { argsIgnorePattern: "^_", varsIgnorePattern: "^_", ignoreRestSiblings: true },
      ],
    },
  },
  {
    files: ["**/*.svelte", "**/*.svelte.ts"],
    languageOptions: { parserOptions: { parser: typescript.parser } },
  },
];
