import purgecss from "@fullhuman/postcss-purgecss";
import react from "@vitejs/plugin-react";
import type { AcceptedPlugin, Root } from "postcss";
import { defineConfig } from "vite";

/** Of the styles that come with Bootstrap only those of what is used here; our own are all used. */
function onlyUsed(): AcceptedPlugin {
  const drop = purgecss({
    content: ["index.html", "src/**/*.tsx"],
    // What the library puts on elements itself.
    safelist: [/^modal/, /^dropdown/, /^btn-close/, "btn", "btn-link", "show", "fade", "visually-hidden"],
    // Names of custom properties that are read somewhere stay.
    variables: true,
  }) as { OnceExit?: (root: Root, helpers: unknown) => unknown };
  return {
    postcssPlugin: "only-used",
    OnceExit(root, helpers) {
      if (/[\\/]bootstrap[\\/]/.test(root.source?.input.file ?? "")) return drop.OnceExit?.(root, helpers) as void;
    },
  };
}

// The built table is served by the Python package, so it is built into it.
export default defineConfig({
  plugins: [react()],
  css: { postcss: { plugins: [onlyUsed()] } },
  build: { outDir: "../eggtuck/web/table", emptyOutDir: true, assetsInlineLimit: 0 },
  server: { proxy: { "/api": "http://127.0.0.1:8123" } },
});
