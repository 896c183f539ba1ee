import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

export default defineConfig({
  plugins: [react(), tailwindcss()],
  build: { chunkSizeWarningLimit: 1200, license: { fileName: "licences-browser.txt" } },
  server: {
    proxy: {
      "/api": { target: "http://localhost:8460", changeOrigin: true },
      "/ws": { target: "ws://localhost:8460", ws: true, changeOrigin: true },
    },
  },
});
