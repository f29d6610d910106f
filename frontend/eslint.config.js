import js from "@eslint/js";
import a11y from "eslint-plugin-jsx-a11y";
import hooks from "eslint-plugin-react-hooks";
import tseslint from "typescript-eslint";
import { NO_TEXT } from "./noText.js";

export default tseslint.config(
  { ignores: ["src/api/schema.d.ts", "src/words/sentences.d.ts"] },
  js.configs.recommended,
  ...tseslint.configs.recommendedTypeChecked,
  a11y.flatConfigs.recommended,
  {
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    plugins: { "react-hooks": hooks },
    rules: {
      "react-hooks/rules-of-hooks": "error",
      "react-hooks/exhaustive-deps": "error",
      "@typescript-eslint/no-floating-promises": "error",
      "no-restricted-syntax": ["error", ...NO_TEXT],
      // What scrolls must be reached by keys.
      "jsx-a11y/no-noninteractive-tabindex": [
        "error",
        { roles: ["tabpanel", "region"], tags: [], allowExpressionValues: true },
      ],
    },
  },
);
