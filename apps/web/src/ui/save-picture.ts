import { saveFile } from "./save-file.ts";

const SVG_NS = "http://www.w3.org/2000/svg";
const PNG_SCALE = 2;

/** A drawing of the page as a file that stands alone: colours, hatches and fonts inside, ground painted. */
async function standalone(svg: SVGSVGElement): Promise<string> {
  const copy = document.importNode(svg, true);
  const { width, height } = svg.getBoundingClientRect();
  copy.setAttribute("xmlns", SVG_NS);
  copy.setAttribute("width", String(width));
  copy.setAttribute("height", String(height));
  if (!copy.hasAttribute("viewBox")) copy.setAttribute("viewBox", `0 0 ${width} ${height}`);
  copy.removeAttribute("class");
  for (const gone of copy.querySelectorAll("[data-screen-only]")) gone.remove();
  const ground = document.createElementNS(SVG_NS, "rect");
  for (const [name, value] of Object.entries({ width: "100%", height: "100%", fill: "var(--face)" })) ground.setAttribute(name, value);
  copy.prepend(ground);
  const style = document.createElementNS(SVG_NS, "style");
  const page = getComputedStyle(document.body);
  const figure = getComputedStyle(svg.querySelector(".figure") ?? document.body).fontFamily;
  style.textContent = `${await fontFaces()} text{font-family:${page.fontFamily};font-variant-numeric:tabular-nums} .figure{font-family:${figure}}`;
  copy.prepend(style);
  for (const defs of document.querySelectorAll("svg > defs")) copy.prepend(defs.cloneNode(true));
  const root = getComputedStyle(document.documentElement);
  return new XMLSerializer()
    .serializeToString(copy)
    .replaceAll(/var\((--[a-z0-9-]+)\)/g, (_, name: string) => root.getPropertyValue(name).trim());
}

/** Hands the browser a drawing as SVG. */
export async function saveSvg(svg: SVGSVGElement, name: string): Promise<void> {
  saveFile(`${name}.svg`, await standalone(svg), "image/svg+xml");
}

/** Hands the browser a drawing as PNG, twice its size on screen. */
export async function savePng(svg: SVGSVGElement, name: string): Promise<void> {
  const { width, height } = svg.getBoundingClientRect();
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(await standalone(svg))}`;
  await image.decode();
  const canvas = document.createElement("canvas");
  canvas.width = Math.round(width * PNG_SCALE);
  canvas.height = Math.round(height * PNG_SCALE);
  canvas.getContext("2d")?.drawImage(image, 0, 0, canvas.width, canvas.height);
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, "image/png"));
  if (blob !== null) saveFile(`${name}.png`, blob, "image/png");
}

/** The page's own font faces with their files inside; those that cannot be read are left out and fall back. */
async function fontFaces(): Promise<string> {
  const rules = [...document.styleSheets].flatMap((sheet) => [...sheet.cssRules]).filter((rule) => rule instanceof CSSFontFaceRule);
  const faces = await Promise.all(
    rules.map(async (rule) => {
      const url = /url\("?([^")]+)"?\)/.exec(rule.style.getPropertyValue("src"))?.[1];
      if (url === undefined) return "";
      try {
        const bytes = new Uint8Array(await (await fetch(new URL(url, rule.parentStyleSheet?.href ?? location.href))).arrayBuffer());
        const text = btoa(bytes.reduce((all, byte) => all + String.fromCharCode(byte), ""));
        const of = (name: string): string => rule.style.getPropertyValue(name);
        return `@font-face{font-family:${of("font-family")};font-weight:${of("font-weight")};font-style:${of("font-style")};src:url(data:font/woff2;base64,${text})}`;
      } catch {
        return "";
      }
    }),
  );
  return faces.join("");
}
