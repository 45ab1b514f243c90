/** Why the browser does not keep what it should: a fact; its sentence is made where it is shown. */
export type Trouble =
  /** No room: the browser's quota or the disk. */
  | { why: "full" }
  /** The browser gives this page no storage at all: a private window, or storage switched off. */
  | { why: "refused" }
  /** What was kept was cleared while the page was open. */
  | { why: "gone" }
  /** A newer application has written here. */
  | { why: "newer" }
  /** The storage does not answer. */
  | { why: "silent" }
  | { why: "other"; detail: string };

export class StorageGone extends Error {}
export class StorageSilent extends Error {}

/** What an error of the browser's storage means. */
export function troubleOf(error: unknown): Trouble {
  const { name = "", message = "" } = (error ?? {}) as { name?: string; message?: string };
  if (error instanceof StorageGone) return { why: "gone" };
  if (error instanceof StorageSilent) return { why: "silent" };
  if (name === "NewerValues" || (error as Error)?.constructor?.name === "NewerValues")
    return { why: "newer" };
  if (name === "QuotaExceededError" || /quota|disk|space/i.test(message)) return { why: "full" };
  if (
    name === "SecurityError" ||
    name === "NotAllowedError" ||
    /no available storage|not supported|denied|insecure/i.test(message)
  )
    return { why: "refused" };
  return { why: "other", detail: message || String(error) };
}

/** Answers, or throws `StorageSilent` when nothing comes within so many milliseconds. */
export async function within<T>(milliseconds: number, asked: Promise<T>): Promise<T> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<never>((_, fail) => {
    timer = setTimeout(() => fail(new StorageSilent()), milliseconds);
  });
  try {
    return await Promise.race([asked, late]);
  } finally {
    clearTimeout(timer);
  }
}
