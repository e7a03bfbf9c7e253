import pdfMake from "pdfmake/build/pdfmake.min.js";
import type { TDocumentDefinitions } from "pdfmake/interfaces";

/** A document and what a worker must make of it: fonts by address, and what stands at the foot of each page. */
export interface PdfOrder {
  readonly content: TDocumentDefinitions;
  readonly fonts: Readonly<
    Record<string, { readonly normal: string; readonly bold: string; readonly italics: string; readonly bolditalics: string }>
  >;
  /** Foot of each page with {page} and {pages} in it; empty for none. */
  readonly foot: string;
  readonly lead: string;
}

self.onmessage = async ({ data }: MessageEvent<PdfOrder>) => {
  try {
    self.postMessage({ ok: true, blob: await make(data) });
  } catch (error) {
    self.postMessage({ ok: false, reason: String(error) });
  }
};

const MARGIN: [number, number, number, number] = [40, 16, 40, 0];

function make({ content, fonts, foot, lead }: PdfOrder): Promise<Blob> {
  pdfMake.setFonts(fonts);
  pdfMake.setTableLayouts({
    caution: { hLineColor: () => lead, vLineColor: () => lead, hLineWidth: () => 1.5, vLineWidth: () => 1.5 },
  });
  const footer = (page: number, pages: number) => ({
    text: foot.replace("{page}", String(page)).replace("{pages}", String(pages)),
    style: "small",
    margin: MARGIN,
  });
  return pdfMake.createPdf({ ...content, ...(foot !== "" && { footer }) }).getBlob();
}
