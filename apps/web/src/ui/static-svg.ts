import type { ReactElement } from "react";
import { renderToStaticMarkup } from "react-dom/server";

/** Daylight's colours: paper is white whatever the screen is. */
const PAPER: Readonly<Record<string, string>> = {
  face: "#FFFFFF",
  bench: "#E6EBE9",
  ink: "#0D1312",
  ink2: "#3F4A47",
  hair: "#BFC9C6",
  steel: "#123A7D",
  lead: "#C01D0C",
  straw: "#FFD84A",
  "on-steel": "#FFFFFF",
};

/** The halo behind letters: on paper it would be drawn over them. */
const HALO = / stroke="[^"]+" stroke-width="5" stroke-linejoin="round" paint-order="stroke"/g;

/** A drawing as text that stands alone on paper, its letters in the named font. */
export function staticSvg(drawing: ReactElement, font: string): string {
  return renderToStaticMarkup(drawing)
    .replaceAll(HALO, "")
    .replaceAll(/var\(--([a-z0-9-]+)\)/g, (_, name: string) => PAPER[name] ?? "#000000")
    .replace("<svg ", `<svg xmlns="http://www.w3.org/2000/svg" font-family="${font}" `);
}
