import { expect, test, type Page } from "@playwright/test";
import read from "jsqr";
import { openDemo, saved, watch } from "./walk";

/** What a camera would see of the code on the page, read by a reader that knows nothing of who wrote it. */
async function readCode(page: Page): Promise<string> {
  const { pixels, size } = await page
    .getByRole("img", { name: /^Code \d/ })
    .evaluate(async (svg) => {
      const image = new Image();
      const copy = svg.cloneNode(true) as SVGElement;
      copy.setAttribute("width", "480");
      copy.setAttribute("height", "480");
      const text = new XMLSerializer().serializeToString(copy);
      image.src = `data:image/svg+xml;base64,${btoa(text)}`;
      await image.decode();
      const canvas = document.createElement("canvas");
      [canvas.width, canvas.height] = [480, 480];
      const pen = canvas.getContext("2d")!;
      pen.fillStyle = "#fff";
      pen.fillRect(0, 0, 480, 480);
      pen.drawImage(image, 0, 0, 480, 480);
      const { data } = pen.getImageData(0, 0, 480, 480);
      // Black and white, a letter a pixel: quick to hand over.
      const grey = Array.from({ length: 480 * 480 }, (_, at) => (data[4 * at]! < 128 ? "1" : "0"));
      return { pixels: grey.join(""), size: 480 };
    });
  const seen = Uint8ClampedArray.from(
    [...pixels].flatMap((pixel) => (pixel === "1" ? [0, 0, 0, 255] : [255, 255, 255, 255])),
  );
  return read(seen, size, size)?.data ?? "";
}

/** Every code of a sequence, one after the other, held still. */
async function allCodes(page: Page): Promise<string[]> {
  const first = page.getByRole("img", { name: /^Code \d+ of \d+$/ });
  await expect(first).toBeVisible();
  const of = Number(/of (\d+)/.exec((await first.getAttribute("aria-label"))!)![1]);
  if (of > 1) await page.getByRole("button", { name: "Hold" }).click();
  const codes: string[] = [];
  for (let n = 0; n < of; n += 1) {
    codes.push(await readCode(page));
    if (of > 1) await page.getByRole("button", { name: "Next code" }).click();
  }
  return codes;
}

const fragmentOf = (address: string) => address.slice(address.indexOf("#"));

/** Opens each code as a phone's own camera does: an address in a page of its own. */
async function openEach(page: Page, codes: readonly string[]) {
  for (const code of codes) {
    await page.goto("about:blank");
    await page.goto(`/open${fragmentOf(code)}`);
    await expect(page.getByRole("heading", { name: "Open what was sent" })).toBeVisible();
    await expect(page).toHaveURL(/\/open$/);
  }
}

test("a prep goes to a phone by codes alone, is run and logged there with a thumb, and only what is new comes back by codes", async ({
  page,
  browser,
}) => {
  test.setTimeout(300_000);
  const seen = watch(page);
  await openDemo(page, "/at/odalys/prep");
  await page.getByRole("button", { name: "To the phone" }).click();
  await expect(page.getByRole("heading", { name: "To Odalys’s phone" })).toBeVisible();
  const codes = await allCodes(page);
  expect(new Set(codes).size).toBe(codes.length);
  for (const code of codes) expect(code).toContain("/open#y1.");

  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    isMobile: true,
    serviceWorkers: "block",
  });
  const phone = await context.newPage();
  await openDemo(phone);
  await openEach(phone, codes);
  await phone.getByRole("button", { name: "Add to my notebook" }).tap();
  await expect(phone.getByRole("heading", { name: "From your coach" })).toBeVisible();
  await expect(phone.getByText("The health questions come before the first run.")).toBeVisible();
  await expect(phone.getByText("Nothing new to send back.")).toBeVisible();

  // The health questions are answered on the phone.
  await phone.getByRole("link", { name: "Answer them" }).tap();
  await phone.getByRole("button", { name: "Save the answers" }).tap();
  await saved(phone);
  await phone.goto("/coach");
  await expect(phone.getByText("The health questions come before the first run.")).toBeHidden();

  await phone.getByRole("link", { name: "Run it" }).tap();
  await phone.getByRole("button", { name: "Start" }).tap();
  await expect(phone.getByRole("timer")).toBeVisible();
  await phone.getByRole("button", { name: "Next", exact: true }).tap();
  const done = phone.getByRole("heading", { name: "Done." });
  await expect(async () => {
    await phone.keyboard.press("s");
    await expect(done).toBeVisible({ timeout: 200 });
  }).toPass({ timeout: 60_000, intervals: [50] });
  await phone.getByRole("button", { name: "Log it", exact: true }).tap();
  await expect(phone).toHaveURL(/\/log/);
  await saved(phone);
  await phone.goto("/coach");
  await expect(phone.getByRole("region", { name: "Send back" })).toBeVisible();
  await phone.getByRole("button", { name: /^Send back to/ }).tap();
  await expect(phone.getByText(/^New: .*1 log/)).toBeVisible();
  const back = await allCodes(phone);
  // Nothing on the phone is wider than the phone.
  expect(
    await phone.evaluate(() => document.documentElement.scrollWidth - innerWidth),
  ).toBeLessThanOrEqual(0);
  await context.close();

  await openEach(page, back);
  // The coach had the demo open: an own notebook takes it, and it says what is new.
  await expect(page.getByText("Back from Odalys Brenner: only what is new")).toBeVisible();
  await page.getByRole("button", { name: "Add to my notebook" }).click();
  await expect(page.getByText(/records are in your own notebook/)).toBeVisible();
  await page.goto("/at/odalys/log");
  await expect(page.getByText(/Health|log/i).first()).toBeVisible();
  expect(seen.strangers).toEqual([]);
});

test("the camera reads the codes one after the other, whichever comes first", async ({
  page,
  browser,
}) => {
  await openDemo(page, "/at/odalys/prep");
  await page.getByRole("button", { name: "To the phone" }).click();
  await page.getByRole("button", { name: "Hold", exact: true }).click();
  const code = page.getByRole("img", { name: /^Code \d/ });
  const of = Number(/of (\d+)/.exec((await code.getAttribute("aria-label"))!)![1]);
  const drawings: string[] = [];
  for (let n = 0; n < of; n += 1) {
    drawings.push(await code.evaluate((svg) => svg.outerHTML));
    await page.getByRole("button", { name: "Next code" }).click();
  }
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    serviceWorkers: "block",
  });
  const phone = await context.newPage();
  // A camera that sees what is held before it.
  await phone.addInitScript(() => {
    const canvas = Object.assign(document.createElement("canvas"), { width: 640, height: 480 });
    const pen = canvas.getContext("2d")!;
    const image = new Image();
    setInterval(() => {
      pen.fillStyle = "#777766";
      pen.fillRect(0, 0, 640, 480);
      if (image.complete && image.naturalWidth) pen.drawImage(image, 100, 20, 440, 440);
    }, 100);
    const hold = (svg: string) => {
      const sized = svg.replace(
        "<svg",
        '<svg xmlns="http://www.w3.org/2000/svg" width="440" height="440"',
      );
      image.src = `data:image/svg+xml;base64,${btoa(sized)}`;
    };
    Object.assign(globalThis, { hold });
    navigator.mediaDevices.getUserMedia = () => Promise.resolve(canvas.captureStream(10));
  });
  await openDemo(phone, "/open");
  await phone.getByRole("button", { name: "Scan codes" }).tap();
  for (const [n, drawing] of [...drawings].reverse().entries()) {
    await phone.evaluate(
      (svg) => (globalThis as unknown as { hold: (one: string) => void }).hold(svg),
      drawing,
    );
    if (n + 1 < of) await expect(phone.getByText(`${n + 1} of ${of}`).first()).toBeVisible();
  }
  await expect(phone.getByRole("heading", { name: "Odalys Brenner, from Ysolde" })).toBeVisible();
  await context.close();
});

test("a link that lost letters on the way is refused, and nothing changes", async ({ page }) => {
  await openDemo(page, "/open");
  await page.getByLabel("Or paste the link").fill("https://hall.example/open#y1.abc123.1.1.AAAA");
  await expect(page.getByRole("alert")).toContainText("cut off or damaged");
  await page.getByLabel("Or paste the link").fill("hello");
  await expect(page.getByRole("alert")).toContainText("no link or code of Yearling’s");
});

test("the application can be installed: its manifest, its pictures and the pages that it names are there", async ({
  page,
  request,
}) => {
  await page.goto("/");
  const address = await page.locator('link[rel="manifest"]').getAttribute("href");
  const answer = await request.get(address!);
  expect(answer.headers()["content-type"]).toContain("application/manifest+json");
  const manifest = (await answer.json()) as {
    icons: { src: string; type: string }[];
    shortcuts: { url: string }[];
  };
  for (const { src, type } of manifest.icons) {
    const icon = await request.get(src);
    expect(icon.status()).toBe(200);
    expect(icon.headers()["content-type"]).toContain(type);
  }
  await openDemo(page, "/at/odalys/aim");
  for (const { url } of manifest.shortcuts) {
    await page.goto(url);
    await expect(page).toHaveURL(new RegExp(`/at/odalys/${url.split("/").at(-1)!}$`));
  }
});

test.describe("the installed application", () => {
  test.use({ serviceWorkers: "allow" });

  test("takes a file that another program shares with it, and a link; both without a network", async ({
    page,
    context,
  }) => {
    await page.goto("/");
    await page.evaluate(() => navigator.serviceWorker.ready);
    await expect
      .poll(() => page.evaluate(() => Boolean(navigator.serviceWorker.controller)))
      .toBe(true);
    await context.setOffline(true);
    const share = (fields: Record<string, string>, file: string | null) =>
      page.evaluate(
        ([told, content]) => {
          const form = document.createElement("form");
          Object.assign(form, { method: "post", action: "/open", enctype: "multipart/form-data" });
          const input = (name: string, type: string) => {
            const made = Object.assign(document.createElement("input"), { name, type });
            form.append(made);
            return made;
          };
          for (const [name, value] of Object.entries(told!)) input(name, "text").value = value;
          if (content) {
            const files = new DataTransfer();
            files.items.add(new File([content], "noor.yearling.txt", { type: "text/plain" }));
            input("file", "file").files = files.files;
          }
          document.body.append(form);
          form.submit();
        },
        [fields, file] as const,
      );
    await share({}, '{"format":"yearling-notebook","version":99}');
    await expect(page.getByRole("heading", { name: "Open what was sent" })).toBeVisible();
    await expect(page.getByText(/Refused\. .*newer Yearling/)).toBeVisible();
    await share({ text: "For tonight: https://hall.example/open#y1.abc123.1.2.AAAA" }, null);
    await expect(page.getByText("1 of 2")).toBeVisible();
  });
});
