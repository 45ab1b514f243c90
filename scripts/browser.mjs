/** Debian's Chromium as the tests, the pictures and the benchmarks start it. */
import { chromium } from "@playwright/test";

export const chromiumPath = process.env.CHROMIUM ?? "/usr/bin/chromium";
export const chromiumFlags = [
  "--no-sandbox",
  "--disable-gpu",
  "--disable-quic",
  "--no-first-run",
  "--disable-background-networking",
  "--disable-component-update",
  "--disable-sync",
];
export const openBrowser = () =>
  chromium.launch({ executablePath: chromiumPath, args: chromiumFlags });
