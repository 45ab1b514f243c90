import { afterEach, describe, expect, it, vi } from "vitest";
import { afterPaint } from "./after-paint";

/** A browser whose frames come when the test says so. */
function framed(hidden: boolean) {
  const frames: (() => void)[] = [];
  vi.stubGlobal("document", { hidden });
  vi.stubGlobal("requestAnimationFrame", (task: () => void) => frames.push(task));
  return frames;
}

const settled = async (promise: Promise<void>): Promise<boolean> => {
  let done = false;
  void promise.then(() => (done = true));
  await Promise.resolve();
  await Promise.resolve();
  return done;
};

describe("what waits until a press was answered", () => {
  afterEach(() => {
    vi.unstubAllGlobals();
    vi.useRealTimers();
  });

  it("goes on at once where nothing is painted", async () => {
    expect(await settled(afterPaint())).toBe(true);
    framed(true);
    expect(await settled(afterPaint())).toBe(true);
  });

  it("goes on after the frame, not before it", async () => {
    vi.useFakeTimers();
    const frames = framed(false);
    const waiting = afterPaint();
    expect(await settled(waiting)).toBe(false);
    frames.forEach((frame) => frame());
    expect(await settled(waiting)).toBe(false);
    vi.advanceTimersByTime(0);
    expect(await settled(waiting)).toBe(true);
  });

  it("does not wait for frames that stand still", async () => {
    vi.useFakeTimers();
    framed(false);
    const waiting = afterPaint();
    vi.advanceTimersByTime(79);
    expect(await settled(waiting)).toBe(false);
    vi.advanceTimersByTime(1);
    expect(await settled(waiting)).toBe(true);
  });
});
