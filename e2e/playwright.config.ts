import { defineConfig } from "@playwright/test";
import { chromiumFlags, chromiumPath } from "../scripts/browser.mjs";

/** The built application in Debian's Chromium, as `npm start` serves it. */
export default defineConfig({
  testDir: ".",
  outputDir: "../test-results",
  fullyParallel: true,
  workers: 2,
  // Generous, for a machine three times slower than the one they were written on.
  timeout: 150_000,
  expect: { timeout: 15_000 },
  // A second try on a busy machine; a test that needs it is reported as flaky.
  retries: 1,
  reporter: [["list"]],
  use: {
    baseURL: "http://127.0.0.1:4180",
    viewport: { width: 1280, height: 800 },
    locale: "en-GB",
    timezoneId: "UTC",
    // Recording every test, and keeping the whole application offline in each, would double the time.
    trace: "on-first-retry",
    serviceWorkers: "block",
    launchOptions: { executablePath: chromiumPath, args: chromiumFlags },
  },
  webServer: {
    command: "node scripts/serve.mjs",
    cwd: "..",
    url: "http://127.0.0.1:4180",
    env: { PORT: "4180" },
    reuseExistingServer: false,
  },
});
