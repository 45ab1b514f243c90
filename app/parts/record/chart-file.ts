/** A chart as it stands on the page, as SVG text that needs nothing of the page: colours and faces written in. */
export function standaloneSvg(chart: SVGSVGElement, title: string): string {
  const copy = chart.cloneNode(true) as SVGSVGElement;
  const { width, height } = chart.getBoundingClientRect();
  copy.setAttribute("xmlns", "http://www.w3.org/2000/svg");
  copy.setAttribute("width", String(Math.round(width)));
  copy.setAttribute("height", String(Math.round(height) + 24));
  copy.setAttribute("viewBox", `0 -24 ${Math.round(width)} ${Math.round(height) + 24}`);
  copy.setAttribute("font-family", "Atkinson Hyperlegible Next, Verdana, sans-serif");
  const style = getComputedStyle(document.documentElement);
  const resolve = (text: string): string =>
    text.replace(/var\((--[\w-]+)\)/g, (_, name: string) => colour(style, name));
  for (const element of [copy, ...copy.querySelectorAll("*")])
    for (const attribute of [...element.attributes])
      if (attribute.value.includes("var("))
        element.setAttribute(attribute.name, resolve(attribute.value));
  const heading = document.createElementNS("http://www.w3.org/2000/svg", "text");
  heading.setAttribute("x", "4");
  heading.setAttribute("y", "-8");
  heading.setAttribute("font-weight", "700");
  heading.setAttribute("font-size", "14");
  heading.setAttribute("fill", colour(style, "--ink"));
  heading.textContent = title;
  const ground = document.createElementNS("http://www.w3.org/2000/svg", "rect");
  ground.setAttribute("y", "-24");
  ground.setAttribute("width", "100%");
  ground.setAttribute("height", "100%");
  ground.setAttribute("fill", colour(style, "--paper"));
  copy.prepend(ground, heading);
  return new XMLSerializer().serializeToString(copy);
}

/** A colour of the page as it is by the scheme of now: a probe element tells what light-dark() comes to. */
function colour(style: CSSStyleDeclaration, name: string): string {
  const probe = document.createElement("span");
  probe.style.color = style.getPropertyValue(name);
  document.body.append(probe);
  const value = getComputedStyle(probe).color;
  probe.remove();
  return value;
}

/** The same as a PNG of twice the size. */
export async function pngOf(svg: string): Promise<Blob> {
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`;
  await image.decode();
  const canvas = document.createElement("canvas");
  canvas.width = image.naturalWidth * 2;
  canvas.height = image.naturalHeight * 2;
  canvas.getContext("2d")!.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((done, failed) =>
    canvas.toBlob((blob) => (blob ? done(blob) : failed(new Error("no picture"))), "image/png"),
  );
}
