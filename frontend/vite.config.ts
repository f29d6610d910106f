import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

// The built table is served by the Python package, so it is built into it.
export default defineConfig({
  plugins: [react()],
  build: { outDir: "../eggtuck/web/table", emptyOutDir: true, assetsInlineLimit: 0 },
  server: { proxy: { "/api": "http://127.0.0.1:8123" } },
});
