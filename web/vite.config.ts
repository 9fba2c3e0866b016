import { svelte } from "@sveltejs/vite-plugin-svelte";
import tailwindcss from "@tailwindcss/vite";
import { defineConfig } from "vite";
import { VitePWA } from "vite-plugin-pwa";

// Fonts stay files of their own: the policy allows none inside a style sheet.
export default defineConfig({
  plugins: [
    svelte(),
    tailwindcss(),
    // Installable, and there without a net (src/sw.ts).
    VitePWA({
      strategies: "injectManifest",
      srcDir: "src",
      filename: "sw.ts",
      injectRegister: false,
      injectManifest: { globPatterns: ["**/*.{html,js,css,woff2}"] },
      manifest: {
        name: "Scullion",
        short_name: "Scullion",
        description: "Plans composed salads for many, and keeps the record.",
        start_url: "/services",
        display: "standalone",
        background_color: "#f0ebe0",
        theme_color: "#1f2d54",
        icons: [{ src: "/assets/icon.svg", sizes: "any", type: "image/svg+xml", purpose: "any" }],
      },
    }),
  ],
  build: { assetsInlineLimit: 0, target: "es2022" },
  server: { proxy: { "/api": "http://127.0.0.1:4567" } },
});
