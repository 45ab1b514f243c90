import { defineConfig } from "@playwright/test";
import { chromiumFlags, chromiumPath } from "../scripts/browser.mjs";

/** The built application in Debian's Chromium, as `npm start` serves it. */
export default defineConfig({
  testDir: ".",
  outputDir: "../test-results",
  fullyParallel: true,
  workers: 2,
  timeout: 60_000,
  // A second try on a busy machine; a test that needs it is reported as flaky.
  retries: 1,
  reporter: [["list"]],
  use: {
    baseURL: "http://127.0.0.1:4180",
    viewport: { width: 1280, height: 800 },
    locale: "en-GB",
    timezoneId: "UTC",
    trace: "retain-on-failure",
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
