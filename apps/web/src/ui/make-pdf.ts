import plain from "@expo-google-fonts/atkinson-hyperlegible-next/400Regular/AtkinsonHyperlegibleNext_400Regular.ttf?url";
import bold from "@expo-google-fonts/atkinson-hyperlegible-next/700Bold/AtkinsonHyperlegibleNext_700Bold.ttf?url";
import slab from "@expo-google-fonts/hepta-slab/HeptaSlab_700Bold.ttf?url";
import pdfMake from "pdfmake/build/pdfmake.min.js";
import type { TDocumentDefinitions } from "pdfmake/interfaces";

/** Names of the fonts a document may ask for. */
export const PDF_FONT = { text: "Atkinson", figure: "Hepta" } as const;

const at = (url: string): string => new URL(url, document.baseURI).href;

/** Makes a PDF in the browser with the app's own fonts; nothing is asked of any other machine. */
export async function makePdf(content: TDocumentDefinitions): Promise<Blob> {
  pdfMake.setFonts({
    [PDF_FONT.text]: { normal: at(plain), bold: at(bold), italics: at(plain), bolditalics: at(bold) },
    [PDF_FONT.figure]: { normal: at(slab), bold: at(slab), italics: at(slab), bolditalics: at(slab) },
  });
  return await pdfMake.createPdf(content).getBlob();
}
