import { type Measure, shownAs } from "@amp-saver/core/figure";
import { formatAmps, formatWith } from "@amp-saver/core/quantity";
import { format, parseISO } from "date-fns";
import type { Content, TDocumentDefinitions } from "pdfmake/interfaces";
import { LearningPicture } from "../../chart/learning-picture.tsx";
import { ReadingsPicture } from "../../chart/readings-picture.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { PDF_FONT } from "../../ui/make-pdf.ts";
import { PDF_SHEET, PDF_WIDTH, pdfCaution, pdfList } from "../../ui/pdf-sheet.ts";
import { staticSvg } from "../../ui/static-svg.ts";
import { HAND_OVER } from "../../words/hand-over.ts";
import { PHOTO_WORDS } from "../../words/photos.ts";
import { CONDUCTOR_WORDS, conditionsWords, LEFT_OUT_WORDS, MODE_WORDS, PROVE } from "../../words/prove.ts";
import { SMALLEST } from "../../words/smallest.ts";
import { TOGETHER } from "../../words/together.ts";
import { PREPARE } from "../../words/wiring.ts";
import { SHEET } from "../../words/wiring-sheet.ts";
import { learnView } from "../learn/learn.view.ts";
import { builtView } from "../prepare/built.view.ts";
import { mapOnPaper } from "../prepare/map-svg.tsx";
import { allStates } from "../prepare/steps.view.ts";
import { wordedRestore } from "../prepare/worded-steps.ts";
import { proofLines } from "../prove/proof-lines.ts";
import { proveView } from "../prove/prove.view.ts";
import { readingsDrawn } from "../prove/readings-drawn.ts";
import { labelText } from "./hand-over.view.ts";
import { handOverAnswer, lampLines, lookLines, openLines, plateLines, removedLines, starterLines, whoLines } from "./hand-over-parts.ts";
import type { HandOverView } from "./use-hand-over.ts";

const PICTURE_WIDTH = 760;
const PHOTO_WIDTH = 255;

/** The sheet for whoever comes next. Photos come as data addresses under their id; figures are worded by the reader's own measure. */
export async function handOverDocument(
  bundle: JobBundle,
  view: HandOverView,
  photos: ReadonlyMap<string, string>,
  today: string,
  measure: Measure,
): Promise<TDocumentDefinitions> {
  const { rig, unit } = bundle;
  const air = (c: number): string => formatWith(shownAs("outdoorC", measure).fromSi(c), 0, shownAs("outdoorC", measure).unit);
  const lines = proofLines(bundle, view.proved.study, view.proved.input, air);
  const title = HAND_OVER.title(rig.name, unit.name);
  const charts = [...readingsChart(bundle), ...learningChart(bundle)];
  await aBreath();
  const wiring = await wiringPages(view);
  return {
    info: { title },
    ...PDF_SHEET,
    content: [
      { text: title, style: "title" },
      {
        text: handOverAnswer(bundle, view.proved)
          .map((p) => p.text)
          .join(""),
        margin: [0, 2, 0, 0],
      },
      { text: `${HAND_OVER.fitted(format(parseISO(view.fitted), "d MMMM yyyy"))} ${HAND_OVER.made(today)}`, style: "small" },
      pdfList(HAND_OVER.unit, plateLines(bundle, measure)),
      pdfList(HAND_OVER.who, whoLines(bundle, view.fittedBy)),
      pdfCaution(HAND_OVER.cautions, [{ ul: [...HAND_OVER.cautionList] }]),
      pdfList(HAND_OVER.shown, lines.shown),
      pdfList(HAND_OVER.notShown, lines.gaps),
      pdfList(HAND_OVER.leftOpen, openLines(view)),
      pdfList(HAND_OVER.alone, [...HAND_OVER.aloneList]),
      ...charts,
      heldIf(
        view.limits.length <= ROWS_A_PAGE,
        HAND_OVER.limits,
        view.limits.length === 0
          ? { text: HAND_OVER.noSource }
          : table(
              [...HAND_OVER.limitHeads],
              view.limits.map((l) => [l.name, l.expected, l.tested]),
              ["*", "*", "*"],
            ),
      ),
      ...smallestTable(view.smallest),
      ...cardTable(view.card),
      beside(
        [pdfList(HAND_OVER.settings, starterLines(bundle)), pdfList(HAND_OVER.lamps, lampLines(bundle))],
        [
          pdfList(HAND_OVER.relearn, Object.values(HAND_OVER.relearnWhen)),
          pdfList(HAND_OVER.looks, lookLines(view.reminders)),
          { text: HAND_OVER.looksSource, style: "small" },
        ],
      ),
      ...wiring,
      ...photoPages(bundle, photos),
      ...readingsTable(bundle, air),
    ],
  };
}

/** Lets the page answer a finger between two drawings. */
function aBreath(): Promise<void> {
  return new Promise((go) => setTimeout(go));
}

/** The label: what it is, what was measured, and the essentials as a code. */
export function labelDocument(bundle: JobBundle, view: HandOverView): TDocumentDefinitions {
  const { rig, unit, job, starters } = bundle;
  const starter = starters.find((s) => s.id === job.starterId);
  const { start } = view.proved.study.readings;
  return {
    info: { title: HAND_OVER.title(rig.name, unit.name) },
    pageSize: { width: 288, height: 144 },
    pageMargins: [10, 10, 10, 8],
    defaultStyle: { font: PDF_FONT.text, fontSize: 7.5, color: "#0D1312" },
    content: [
      {
        columns: [
          {
            width: "*",
            stack: [
              { text: HAND_OVER.labelTitle, font: PDF_FONT.figure, fontSize: 12 },
              `${rig.name}, ${unit.name}`,
              HAND_OVER.fitted(format(parseISO(view.fitted), "d MMMM yyyy")),
              ...starterLines(bundle),
              ...(start === null
                ? []
                : [`${PROVE.before} ${formatAmps(start.before.medianA)}, ${PROVE.after.toLowerCase()} ${formatAmps(start.after.medianA)}`]),
              { text: HAND_OVER.labelLines, bold: true, margin: [0, 3, 0, 0] },
            ],
          },
          { width: 122, qr: labelText(rig, unit, starter, view.proved, view.fitted), fit: 120, eccLevel: "M" },
        ],
        columnGap: 8,
      },
    ],
  };
}

function table(heads: readonly string[], rows: readonly (readonly string[])[], widths: readonly (number | string)[]): Content {
  return {
    table: {
      widths: [...widths],
      headerRows: 1,
      dontBreakRows: true,
      body: [heads.map((text) => ({ text, bold: true })), ...rows.map((r) => [...r])],
    },
    layout: "lightHorizontalLines",
    margin: [0, 2, 0, 4],
  };
}

function smallestTable(smallest: HandOverView["smallest"]): Content[] {
  if (smallest.length === 0) return [];
  const rows = table(
    [...HAND_OVER.smallestHeads],
    smallest.map((row) => [row.label, ...row.figures]),
    ["*", 120, 120],
  );
  return [held(HAND_OVER.smallest, rows, { text: SMALLEST.help, style: "small" })];
}

function cardTable(card: HandOverView["card"]): Content[] {
  if (card === null) return [{ text: HAND_OVER.card, style: "head" }, { text: HAND_OVER.cardFailed }];
  if (card.length === 0) return [];
  const rows = table([...HAND_OVER.cardHeads], card, [80, 110, "*", "*"]);
  return [heldIf(card.length <= ROWS_A_PAGE, HAND_OVER.card, rows, { text: TOGETHER.cardFoot, style: "small" })];
}

function readingsChart(bundle: JobBundle): Content[] {
  const view = proveView(
    bundle.readings.filter((r) => r.jobId === bundle.job.id),
    bundle.unit,
  );
  if (view.before.length + view.after.length === 0) return [];
  const svg = staticSvg(<ReadingsPicture width={PICTURE_WIDTH} {...readingsDrawn(view)} />, PDF_FONT.text);
  return [held(HAND_OVER.chart, { svg, width: PDF_WIDTH })];
}

function learningChart({ job, learnings }: JobBundle): Content[] {
  const { state } = learnView(job, learnings, 0);
  if (!state.peaksA.some((p) => p !== null)) return [];
  const svg = staticSvg(
    <LearningPicture width={PICTURE_WIDTH} peaksA={state.peaksA} starts={[]} directA={null} settledAt={null} />,
    PDF_FONT.text,
  );
  return [held(HAND_OVER.runs, { svg, width: PDF_WIDTH })];
}

/** Two columns of lists that stay on one page. */
const beside = (left: Content[], right: Content[]): Content => ({
  columns: [{ stack: left }, { stack: right }],
  columnGap: 20,
  unbreakable: true,
});

/** A heading that stays with what is under it. */
const held = (head: string, ...under: Content[]): Content => heldIf(true, head, ...under);

/** The same, but where what is under it may be longer than a page. */
const heldIf = (short: boolean, head: string, ...under: Content[]): Content => ({
  stack: [{ text: head, style: "head" }, ...under],
  unbreakable: short,
});

/** Rows that surely have room on one page. */
const ROWS_A_PAGE = 12;

async function wiringPages(view: HandOverView): Promise<Content[]> {
  const { wiring, plan, names } = view.wiring;
  const removed = removedLines(view);
  if (!plan.plan.ok) return [pdfList(removed.head, removed.lines)];
  const built = builtView(wiring, plan, undefined)?.netlist ?? plan.asFound;
  const states = [...allStates(plan), plan.plan.value.finished, built];
  const head = view.built ? HAND_OVER.built : HAND_OVER.planned;
  const builtMap = mapOnPaper(built, states, names, head);
  await aBreath();
  const foundMap = mapOnPaper(plan.asFound, states, names, PREPARE.states.found);
  await aBreath();
  return [
    { text: "", pageBreak: "before" },
    held(head, ...(view.built ? [] : [{ text: HAND_OVER.plannedOnly }]), builtMap, { text: SHEET.marks, style: "small" }),
    held(HAND_OVER.found, foundMap),
    { text: "", pageBreak: "before" },
    pdfList(removed.head, removed.lines),
    { text: HAND_OVER.restore, style: "head" },
    { text: HAND_OVER.restoreHelp },
    { ol: wordedRestore(plan, names).map(({ sentence, not }) => (not === null ? sentence : `${sentence} ${not}`)) },
  ];
}

function photoPages({ photos, unit }: JobBundle, blobs: ReadonlyMap<string, string>): Content[] {
  const own = photos.filter((p) => p.unitId === unit.id && blobs.has(p.id));
  if (own.length === 0) return [];
  const pairs = own.flatMap((_, k) => (k % 2 === 0 ? [own.slice(k, k + 2)] : []));
  return [
    { text: HAND_OVER.photos, style: "head", pageBreak: "before" },
    ...pairs.map(
      (pair): Content => ({
        columns: pair.map((photo) => ({
          stack: [
            { image: blobs.get(photo.id) ?? "", fit: [PHOTO_WIDTH, PHOTO_WIDTH] },
            { text: [PHOTO_WORDS.of[photo.of], photo.note].filter((t) => t !== "").join(": "), style: "small" },
          ],
        })),
        columnGap: 14,
        margin: [0, 4, 0, 8],
      }),
    ),
  ];
}

function readingsTable(bundle: JobBundle, air: (c: number) => string): Content[] {
  const readings = bundle.readings.filter((r) => r.jobId === bundle.job.id);
  if (readings.length === 0) return [];
  const out = new Map(proveView(readings, bundle.unit).leftOut.map((l) => [l.reading.id, LEFT_OUT_WORDS[l.reason]]));
  const rows = readings.map((r) => [
    format(parseISO(r.takenAt), "d MMM yyyy, H:mm"),
    r.when === "before" ? PROVE.before : PROVE.after,
    formatAmps(r.amps),
    `${MODE_WORDS[r.mode]}, ${CONDUCTOR_WORDS[r.conductor]}`,
    conditionsWords(r, bundle.sources.find((s) => s.id === r.sourceId)?.name ?? null, air),
    out.get(r.id) ?? HAND_OVER.counts,
  ]);
  return [{ text: HAND_OVER.readings, style: "head" }, table([...HAND_OVER.readingHeads], rows, [62, 36, 44, 86, "*", 76])];
}
