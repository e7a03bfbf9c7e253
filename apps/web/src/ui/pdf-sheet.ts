import type { Content, TDocumentDefinitions } from "pdfmake/interfaces";
import { PDF_FONT, PDF_LEAD } from "./make-pdf.ts";

/** Width of what stands on a page, points. */
export const PDF_WIDTH = 532;

/** Paper, margins and letters that every sheet shares. */
export const PDF_SHEET = {
  pageSize: "LETTER",
  pageMargins: [40, 44, 40, 48],
  defaultStyle: { font: PDF_FONT.text, fontSize: 10.5, lineHeight: 1.15, color: "#0D1312" },
  styles: {
    title: { font: PDF_FONT.figure, fontSize: 17 },
    head: { bold: true, fontSize: 12.5, margin: [0, 12, 0, 4] },
    small: { fontSize: 9, color: "#3F4A47" },
  },
} satisfies Partial<TDocumentDefinitions>;

/** A caution in a struck frame, words first. */
export function pdfCaution(title: string, content: readonly Content[]): Content {
  const stack = [{ text: title, bold: true, color: PDF_LEAD }, ...content];
  return { table: { widths: ["*"], body: [[{ stack, margin: [4, 3, 4, 3] }]] }, layout: "caution", margin: [0, 8, 0, 0] };
}

/** A heading and lines under it; nothing where there are none. */
export function pdfList(head: string, lines: readonly string[]): Content {
  return lines.length === 0 ? [] : { stack: [{ text: head, style: "head" }, { ul: [...lines] }] };
}
