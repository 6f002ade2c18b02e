import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";
import libraries from "./libraries.mjs";

export default defineConfig({
  plugins: [react(), tailwindcss(), libraries()],
  build: { outDir: "target/classes/static", emptyOutDir: true, chunkSizeWarningLimit: 400 },
  server: { proxy: { "/api": "http://127.0.0.1:8420" } },
});
