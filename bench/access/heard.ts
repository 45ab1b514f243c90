import type { Page } from "@playwright/test";

/**
 * What somebody hears who does not see the page: what live regions say, the page's title, what the cursor is on, and a
 * dialog that opens. Read from the page from outside, by the roles and attributes alone.
 */
export async function listen(page: Page): Promise<void> {
  await page.evaluate(() => {
    const heard: string[] = [];
    Object.assign(globalThis, { heard });
    const live = "[aria-live='polite'], [aria-live='assertive'], [role='status'], [role='alert']";
    new MutationObserver((changes) => {
      for (const { target, addedNodes } of changes) {
        const element = target instanceof Element ? target : target.parentElement;
        const region = element?.closest(live);
        if (region?.textContent?.trim()) heard.push(region.textContent.trim());
        for (const node of addedNodes)
          if (node instanceof Element && node.matches("[role='alert'], [role='status']"))
            if (node.textContent?.trim()) heard.push(node.textContent.trim());
      }
    }).observe(document.body, { subtree: true, childList: true, characterData: true });
  });
}

export type Step = {
  does: string;
  /** What was heard of it; empty where nothing was. */
  heard: string;
  /** The cursor was on nothing afterwards. */
  lost: boolean;
};

/** Does a step, waits until the page is quiet, and says what was heard. */
export async function step(
  page: Page,
  does: string,
  act: () => Promise<unknown>,
  ms = 900,
): Promise<Step> {
  const before = await page.evaluate(state);
  await act();
  await page.waitForTimeout(ms);
  const after = await page.evaluate(state);
  const heard = [
    ...after.heard.slice(before.heard.length),
    after.title === before.title ? "" : after.title,
    after.on === before.on || after.on === "" ? "" : after.on,
  ].filter(Boolean);
  return { does, heard: [...new Set(heard)].join(" | ").slice(0, 160), lost: after.lost };
}

/** Runs in the page. */
function state() {
  const at = document.activeElement;
  const named = (element: Element): string => {
    const label =
      element.getAttribute("aria-label") ??
      (element.getAttribute("aria-labelledby") ?? "")
        .split(" ")
        .map((id) => document.getElementById(id)?.textContent ?? "")
        .join(" ")
        .trim();
    const own = element as HTMLInputElement;
    const tied = own.labels?.[0]?.textContent?.trim() ?? "";
    return label || tied || (element.textContent ?? "").trim().slice(0, 80);
  };
  const lost = at === null || at === document.body || !at.isConnected;
  // What the cursor is on is heard with its value and state.
  const on = lost
    ? ""
    : [
        at.tagName,
        named(at),
        (at as HTMLInputElement).value ?? "",
        at.getAttribute("aria-expanded") ?? "",
        at.getAttribute("aria-pressed") ?? "",
        at.getAttribute("aria-checked") ?? "",
        // In a list that is walked from its field, what is walked to is heard.
        document.getElementById(at.getAttribute("aria-activedescendant") ?? "")?.textContent ?? "",
        at.getAttribute("aria-valuetext") ?? at.getAttribute("aria-valuenow") ?? "",
      ].join(" ");
  return {
    heard: [...((globalThis as never as { heard?: string[] }).heard ?? [])],
    title: document.title,
    on,
    lost,
  };
}
