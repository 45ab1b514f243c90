import { expect, test } from "@playwright/test";

/** A press is answered before the work that it asks for begins. */
test("a pressed station is marked before its page is drawn, and keys in a row end at the last", async ({
  page,
}) => {
  await page.goto("/at/odalys/aim");
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("What it is for");
  await page.evaluate(() => {
    const order: string[] = [];
    Object.assign(globalThis, { order });
    const look = () => {
      const marked = [...document.querySelectorAll("nav[aria-label=Stations] a")].find((link) =>
        link.classList.contains("bg-ink"),
      );
      const now = `${marked?.textContent ?? ""} · ${document.querySelector("h1")?.textContent ?? ""}`;
      if (order.at(-1) !== now) order.push(now);
    };
    new MutationObserver(look).observe(document.body, {
      subtree: true,
      childList: true,
      attributes: true,
      characterData: true,
    });
  });
  await page.keyboard.press("3");
  await expect(page.getByRole("heading", { level: 1 })).not.toHaveText("What it is for");
  const order = await page.evaluate(() => (globalThis as never as { order: string[] }).order);
  // The mark first, over the page that was; then the page.
  expect(order.find((one) => !one.startsWith("1"))).toMatch(/^3gap · What it is for$/i);
  expect(order.at(-1)).toMatch(/^3gap · The shoulders hold it back/i);
  for (const key of ["4", "6", "2"]) await page.keyboard.press(key);
  await expect(page).toHaveURL(/\/at\/odalys\/check$/);
  await expect(page.getByRole("link", { name: "Measure", exact: true })).toBeVisible();
});
