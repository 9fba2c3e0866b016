import { svelte } from "@sveltejs/vite-plugin-svelte";
import tailwindcss from "@tailwindcss/vite";
import { defineConfig } from "vite";

// Fonts stay files of their own: the policy allows none inside a style sheet.
export default defineConfig({
  plugins: [svelte(), tailwindcss()],
  build: { assetsInlineLimit: 0, target: "es2022" },
  server: { proxy: { "/api": "http://127.0.0.1:4567" } },
});
