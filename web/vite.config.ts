import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vitest/config";

/** The server that the pages of `npm run dev` talk to, which takes requests of its own pages alone. */
const SERVER = "http://localhost:8460";

export default defineConfig({
  plugins: [react(), tailwindcss()],
  build: { chunkSizeWarningLimit: 1200, license: { fileName: "licences-browser.txt" } },
  // What a test does decides, not how long it takes: a machine that stands still fails none.
  test: { testTimeout: 120_000, hookTimeout: 120_000 },
  server: {
    proxy: {
      "/api": { target: SERVER, changeOrigin: true, headers: { origin: SERVER } },
      "/ws": { target: SERVER, ws: true, changeOrigin: true, headers: { origin: SERVER } },
    },
  },
});
