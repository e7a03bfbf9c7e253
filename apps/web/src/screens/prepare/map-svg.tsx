import type { Netlist } from "@amp-saver/core/network";
import type { Content } from "pdfmake/interfaces";
import { WiringMap } from "../../chart/wiring/wiring-map.tsx";
import { PDF_FONT } from "../../ui/make-pdf.ts";
import { PDF_WIDTH } from "../../ui/pdf-sheet.ts";
import { staticSvg } from "../../ui/static-svg.ts";
import type { WiringNames } from "../../words/wiring.ts";
import { tagText } from "./map-frame.tsx";

const MAP_WIDTH = 1000;
const NONE: ReadonlySet<string> = new Set();

/** A wiring on paper; `states` are all that the drawing leaves room for. */
export function mapOnPaper(netlist: Netlist, states: readonly Netlist[], names: WiringNames, label: string): Content {
  const svg = staticSvg(
    <WiringMap
      netlist={netlist}
      states={states}
      width={MAP_WIDTH}
      scale={1}
      names={names}
      lit={null}
      fresh={NONE}
      tagOf={tagText}
      speak={() => ""}
      label={label}
    />,
    PDF_FONT.text,
  );
  return { svg, width: PDF_WIDTH };
}
