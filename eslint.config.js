import js from "@eslint/js";
import globals from "globals";
import a11y from "eslint-plugin-jsx-a11y";
import hooks from "eslint-plugin-react-hooks";
import ts from "typescript-eslint";

export default ts.config(
  { ignores: ["build", ".react-router", "node_modules", "test-results", "playwright-report"] },
  js.configs.recommended,
  ...ts.configs.recommended,
  { files: ["**/*.{ts,tsx}"], languageOptions: { globals: globals.browser } },
  {
    files: ["scripts/**", "bench/**", "*.{js,cjs,ts}"],
    languageOptions: { globals: globals.node },
  },
  { files: ["app/**/*.tsx"], ...a11y.flatConfigs.recommended },
  {
    files: ["app/**/*.{ts,tsx}"],
    plugins: { "react-hooks": hooks },
    rules: { "react-hooks/rules-of-hooks": "error", "react-hooks/exhaustive-deps": "error" },
  },
  {
    files: ["app/**/*.tsx"],
    rules: {
      "jsx-a11y/no-autofocus": "off",
      "jsx-a11y/no-noninteractive-tabindex": "off",
      "jsx-a11y/label-has-associated-control": ["error", { assert: "either", depth: 3 }],
      "jsx-a11y/no-static-element-interactions": "off",
      "jsx-a11y/no-noninteractive-element-interactions": "off",
    },
  },
  {
    files: ["scripts/offline-worker.js"],
    languageOptions: { globals: { ...globals.serviceworker, __FILES__: "readonly" } },
  },
  { files: [".dependency-cruiser.cjs"], languageOptions: { globals: globals.node } },
);
