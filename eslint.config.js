import js from "@eslint/js";
import globals from "globals";
import a11y from "eslint-plugin-jsx-a11y";
import hooks from "eslint-plugin-react-hooks";
import ts from "typescript-eslint";

export default ts.config(
  {
    ignores: [
      "build",
      "build-pseudo",
      ".react-router",
      "node_modules",
      "test-results",
      "playwright-report",
    ],
  },
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
    // The core speaks in facts, and nobody branches on words: a reason is asked for what it is.
    files: ["core/**/*.ts", "app/**/*.{ts,tsx}"],
    ignores: ["**/*.test.{ts,tsx}"],
    rules: {
      "no-restricted-syntax": [
        "error",
        {
          // A run is begun in one place, with a prep that the gate has let through.
          selector: "ObjectExpression > Property[key.name='kind'][value.value='run']",
          message: "A run is begun by beginRun, with a prep from throughTheGate.",
        },
        {
          selector: "TSAsExpression > TSTypeReference[typeName.name='PermittedPrep']",
          message: "Only throughTheGate says that a prep is permitted.",
        },
        {
          selector:
            "CallExpression[callee.property.name=/^(startsWith|endsWith|includes|indexOf|match|search)$/] > Literal[value=/[a-z] [a-z]/i]",
          message: "Branch on facts, not on words.",
        },
        {
          selector:
            "CallExpression[callee.property.name=/^(startsWith|endsWith|includes|match|search)$/][callee.object.property.name=/^(why|reason|text|note|says|title)$/]",
          message: "Branch on facts, not on words.",
        },
        {
          selector:
            "CallExpression[callee.property.name=/^(startsWith|endsWith|match|search)$/][callee.object.name=/^(why|reason|text|says)$/] > Literal[value=/[a-z]{3}/i]",
          message: "Branch on facts, not on words.",
        },
        {
          selector:
            "CallExpression[callee.object.type='Literal'][callee.object.regex][callee.property.name='test'] > MemberExpression[property.name=/^(why|reason|text|says)$/]",
          message: "Branch on facts, not on words.",
        },
      ],
    },
  },
  {
    files: ["core/run/begin.ts", "core/test/running.ts"],
    rules: { "no-restricted-syntax": "off" },
  },
  {
    files: ["scripts/offline-worker.js"],
    languageOptions: {
      globals: { ...globals.serviceworker, __CORE__: "readonly", __REST__: "readonly" },
    },
  },
  { files: [".dependency-cruiser.cjs"], languageOptions: { globals: globals.node } },
);
