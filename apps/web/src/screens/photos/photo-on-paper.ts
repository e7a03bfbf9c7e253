import type { Photo, Spot } from "@amp-saver/records";
import type { Content } from "pdfmake/interfaces";
import { PDF_WIDTH } from "../../ui/pdf-sheet.ts";
import { PINS } from "../../words/pins.ts";
import { markedName, type PinTarget } from "./pinned.view.ts";

/** Pixels of a mark on a photo of `across` pixels: its ring and its number are readable on paper. */
const RING_SHARE = 0.014;
const QUALITY = 0.85;

function ring(pen: CanvasRenderingContext2D, { x, y }: Spot, number: number): void {
  const { width, height } = pen.canvas;
  const radius = width * RING_SHARE;
  for (const [color, line] of [
    ["#fff", radius * 0.7],
    ["#000", radius * 0.3],
  ] as const) {
    pen.strokeStyle = color;
    pen.lineWidth = line;
    pen.beginPath();
    pen.arc(x * width, y * height, radius, 0, 2 * Math.PI);
    pen.stroke();
  }
  pen.font = `bold ${radius * 2}px sans-serif`;
  pen.lineWidth = radius * 0.6;
  pen.strokeStyle = "#fff";
  pen.strokeText(String(number), x * width + radius * 1.4, y * height + radius * 0.7);
  pen.fillStyle = "#000";
  pen.fillText(String(number), x * width + radius * 1.4, y * height + radius * 0.7);
}

function path(pen: CanvasRenderingContext2D, way: readonly Spot[]): void {
  const { width, height } = pen.canvas;
  for (const [color, line] of [
    ["#fff", width * 0.007],
    ["#000", width * 0.003],
  ] as const) {
    pen.strokeStyle = color;
    pen.lineWidth = line;
    pen.beginPath();
    for (const [k, { x, y }] of way.entries()) pen[k === 0 ? "moveTo" : "lineTo"](x * width, y * height);
    pen.stroke();
  }
}

/** The photo that is marked, with numbers on it, and what each of them is; nothing where none is marked or its picture is not here. */
export async function photoOnPaper(
  photo: Photo | undefined,
  bytes: Uint8Array<ArrayBuffer> | undefined,
  targets: readonly PinTarget[],
): Promise<Content[]> {
  const marked = targets.flatMap((target) => {
    const at = photo?.pins?.[target.id];
    return at === undefined ? [] : [{ target, at }];
  });
  if (photo === undefined || bytes === undefined || marked.length === 0) return [];
  const picture = await createImageBitmap(new Blob([bytes]));
  const canvas = document.createElement("canvas");
  canvas.width = picture.width;
  canvas.height = picture.height;
  const pen = canvas.getContext("2d");
  if (pen === null) return [];
  pen.drawImage(picture, 0, 0);
  picture.close();
  for (const way of Object.values(photo.paths ?? {})) path(pen, way);
  for (const [k, { at }] of marked.entries()) ring(pen, at, k + 1);
  return [
    { text: PINS.onPaper, style: "head", pageBreak: "before" },
    { image: canvas.toDataURL("image/jpeg", QUALITY), fit: [PDF_WIDTH, PDF_WIDTH * 0.9] },
    { ol: marked.map(({ target }) => markedName(target)), margin: [0, 6, 0, 0] },
  ];
}
