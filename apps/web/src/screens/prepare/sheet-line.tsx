import type { SheetStep } from "@amp-saver/core/study/maker-sheet";
import type { Starter } from "@amp-saver/records";
import { Button } from "../../ui/button.tsx";
import { Fold } from "../../ui/fold.tsx";
import { differenceSentence, MAKER } from "../../words/maker-sheet.ts";
import type { WiringNames } from "../../words/wiring.ts";
import { BUILT } from "../../words/wiring-plan.ts";
import type { SheetRow } from "./maker-sheet.view.ts";
import { SheetMeaning } from "./sheet-meaning.tsx";
import type { PlanView } from "./wiring.view.ts";

interface SheetLineProps {
  readonly row: SheetRow;
  /** What the plan of this unit does there, in words. */
  readonly here: readonly string[];
  readonly names: WiringNames;
  readonly view: PlanView;
  readonly starter: Starter;
  /** Whether a sentence that was understood may be corrected, too. */
  readonly correcting: boolean;
  readonly onTold: (said: Partial<SheetStep>) => void;
  readonly onForget: () => void;
}

/** A sentence of the sheet, whether it fits, why not, and what to do here instead. */
export function SheetLine({ row, here, names, view, starter, correcting, onTold, onForget }: SheetLineProps) {
  const { sentence, verdict, differences, brings } = row;
  const told = starter.sheetMeans?.[row.key] !== undefined;
  const off = verdict === "disagrees" || verdict === "open";
  return (
    <li className={`border-b border-hair py-2 ${off ? "border-l-[5px] border-l-ink pl-3" : "pl-[17px]"}`}>
      <p className="flex items-baseline justify-between gap-3">
        <span className="font-semibold">{sentence.text}</span>
        <span className={`shrink-0 text-small ${off ? "font-bold" : "text-ink2"}`}>{MAKER.verdicts[verdict]}</span>
      </p>
      {sentence.doubt !== null && <p>{MAKER.doubts[sentence.doubt]}</p>}
      {differences.map((d) => (
        <p key={JSON.stringify(d)}>{differenceSentence(d, names)}</p>
      ))}
      {verdict === "disagrees" &&
        here.map((step) => (
          <p key={step} className="font-semibold">
            {MAKER.here(step)}
          </p>
        ))}
      {brings.map((fault) => (
        <p key={`${fault.code} ${fault.at.join()}`} className="text-lead">
          {MAKER.asPrinted(BUILT.fault[fault.code], BUILT.symptom[fault.symptom])}
        </p>
      ))}
      {told && <p className="text-small text-ink2">{MAKER.told}</p>}
      {(off || told || correcting) && (
        <Fold label={MAKER.correct}>
          <SheetMeaning step={sentence.step} view={view} starter={starter} onTold={onTold} />
          {told && (
            <Button look="quiet" onClick={onForget}>
              {MAKER.forget}
            </Button>
          )}
        </Fold>
      )}
    </li>
  );
}
