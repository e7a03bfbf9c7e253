import type { Netlist } from "@amp-saver/core/network";
import type { Starter, Wiring } from "@amp-saver/records";
import { fileStem } from "@amp-saver/records/exchange";
import type { Content, TDocumentDefinitions } from "pdfmake/interfaces";
import type { JobBundle } from "../../store/queries.ts";
import { makePdf, PDF_FONT } from "../../ui/make-pdf.ts";
import { PDF_SHEET, pdfCaution, pdfList } from "../../ui/pdf-sheet.ts";
import { saveFile } from "../../ui/save-file.ts";
import { PREPARE, type WiringNames } from "../../words/wiring.ts";
import { PLAN } from "../../words/wiring-plan.ts";
import { SHEET } from "../../words/wiring-sheet.ts";
import { photoOnPaper } from "../photos/photo-on-paper.ts";
import { boxPhotos, pinTargets } from "../photos/pinned.view.ts";
import { endSentence, kitSentence, spliceSentences } from "./crimp-sheet.tsx";
import { mapOnPaper } from "./map-svg.tsx";
import { allStates } from "./steps.view.ts";
import { leadsOf, type PlanView, wireProof } from "./wiring.view.ts";
import { type WordedStep, wordedRestore, wordedSteps } from "./worded-steps.ts";

/** Plan, pre-crimp sheet, kit and the way back on paper, in a file called by its name where that is wanted. */
export async function printPlan(
  bundle: JobBundle,
  wiring: Wiring,
  starter: Starter | undefined,
  view: PlanView,
  names: WiringNames,
  named: boolean,
  pixelsOf: (id: string) => Promise<Uint8Array<ArrayBuffer> | undefined>,
): Promise<void> {
  if (!view.plan.ok) return;
  const marked = boxPhotos(bundle.photos, bundle.unit.id).find(({ pins }) => pins !== undefined);
  const targets = pinTargets(view, wiring, bundle.photos, names);
  const onPhoto = await photoOnPaper(marked, marked === undefined ? undefined : await pixelsOf(marked.id), targets);
  const blob = await makePdf(
    sheet(bundle, wiring, starter, view, view.plan.value.finished, names, onPhoto),
    SHEET.foot(SHEET.title(bundle.rig.name, bundle.unit.name), "{page}", "{pages}"),
  );
  saveFile(
    `${fileStem(named, "unit", bundle.unit.id, `${bundle.rig.name} ${bundle.unit.name}`)}-${PLAN.fileName}.pdf`,
    blob,
    "application/pdf",
  );
}

function sheet(
  bundle: JobBundle,
  wiring: Wiring,
  starter: Starter | undefined,
  view: PlanView,
  finished: Netlist,
  names: WiringNames,
  onPhoto: Content[],
): TDocumentDefinitions {
  const { rig, unit, photos } = bundle;
  const states = [...allStates(view), finished];
  const map = (netlist: Netlist, label: string): Content => mapOnPaper(netlist, states, names, label);
  const title = SHEET.title(rig.name, unit.name);
  const answer = PLAN.answer(leadsOf(view.options.family).length, view.moved, view.cuts)
    .map((p) => p.text)
    .join("");
  return {
    info: { title },
    ...PDF_SHEET,
    content: [
      { text: title, style: "title" },
      { text: answer, margin: [0, 2, 0, 0] },
      { text: SHEET.starter(starter?.name ?? null, PLAN.families[view.options.family]) },
      pdfCaution(PREPARE.caution, [PREPARE.cautionText, PREPARE.dead]),
      { text: PREPARE.states.found, style: "head" },
      map(view.asFound, PREPARE.states.found),
      { text: PREPARE.states.done, style: "head", pageBreak: "before" },
      map(finished, PREPARE.states.done),
      { text: SHEET.marks, style: "small" },
      ...onPhoto,
      { text: SHEET.proofs, style: "head" },
      {
        ul: view.opened.map((id) => {
          const { release } = wireProof(wiring, photos, id);
          return SHEET.proof(names.wire(id), release.released, release.by, wiring.proofs[id]?.override ?? null);
        }),
      },
      { text: PLAN.steps, style: "head", pageBreak: "before" },
      steps(wordedSteps(view, names)),
      { text: PLAN.crimps, style: "head", pageBreak: "before" },
      { text: PLAN.crimpHelp(names.measure) },
      crimps(view, names),
      { text: PLAN.pullSource, style: "small" },
      { text: PLAN.kit, style: "head" },
      {
        ul: [
          ...view.kit.map((line) => kitSentence(line, names.crimps)),
          ...view.extras.map((e) => PLAN.extras[e](names.size(view.jumperAwg))),
        ],
      },
      { text: PLAN.splices, style: "head" },
      { ul: [...spliceSentences(names.measure)], fontSize: 9.5 },
      {
        columns: [pdfList(PLAN.tools, Object.values(PLAN.toolList)), pdfList(PLAN.consumables, Object.values(PLAN.consumableList))],
        columnGap: 20,
      },
      { text: PLAN.restore, style: "head", pageBreak: "before" },
      { text: PLAN.restoreHelp },
      steps(wordedRestore(view, names)),
    ],
  };
}

function steps(all: readonly WordedStep[]): Content {
  return {
    table: {
      widths: [20, "*", 16],
      dontBreakRows: true,
      body: all.map(({ sentence, not }, k) => [
        { text: String(k + 1), font: PDF_FONT.figure },
        { text: not === null ? sentence : [sentence, " ", { text: not, bold: true }] },
        { canvas: [{ type: "rect", x: 0, y: 0, w: 12, h: 12, lineWidth: 1.2 }] },
      ]),
    },
    layout: "lightHorizontalLines",
  };
}

function crimps(view: PlanView, names: WiringNames): Content {
  return {
    table: {
      widths: [130, "*"],
      headerRows: 1,
      body: [
        SHEET.crimpHeads.map((text) => ({ text, bold: true })),
        ...view.ends.map((end) => [names.wire(end.conductor), `${endSentence(end, names)}${SHEET.on(names.terminal(end.at))}`]),
      ],
    },
    layout: "lightHorizontalLines",
    margin: [0, 4, 0, 4],
  };
}
