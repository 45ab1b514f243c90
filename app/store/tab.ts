import { newName } from "../clock";

let claimed: Promise<string> | null = null;

/**
 * The name of this tab: the same after a reload, so that what it did can still be taken back, and never that of
 * another tab that is open, not even of a copy.
 */
export function claimTab(): Promise<string> {
  claimed ??= claim();
  return claimed;
}

async function claim(): Promise<string> {
  const known = read();
  if (known && (await hold(known))) return known;
  const name = newName().replaceAll(".", "");
  await hold(name);
  try {
    sessionStorage.setItem("yearling-tab", name);
  } catch {
    // Without it, undo ends with the page.
  }
  return name;
}

function read(): string | null {
  try {
    return sessionStorage.getItem("yearling-tab");
  } catch {
    return null;
  }
}

/** Holds a lock for as long as the page lives. False when another page has it and does not let go. */
function hold(name: string): Promise<boolean> {
  const locks = globalThis.navigator?.locks;
  if (!locks) return Promise.resolve(true);
  return new Promise((held) => {
    const late = AbortSignal.timeout(400);
    locks
      .request(`yearling-tab-${name}`, { signal: late }, () => {
        held(true);
        return new Promise<never>(() => undefined);
      })
      .catch(() => held(false));
  });
}
