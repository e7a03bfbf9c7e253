import { formatNumber } from "@amp-saver/core/quantity";
import { judgePart, partBand, type StartPart } from "@amp-saver/core/study/start-parts";
import { DraftScope } from "../../ui/drafts.ts";
import { Fold } from "../../ui/fold.tsx";
import { NumberField } from "../../ui/number-field.tsx";
import { Tick } from "../../ui/tick.tsx";
import { PARTS } from "../../words/start-parts.ts";
import type { PartProps } from "./part-props.ts";

/** What is tested of each kind of start aid. */
const TESTED: Readonly<Record<PartProps["wiring"]["switches"]["aid"], readonly StartPart[]>> = {
  none: [],
  "start-capacitor": ["start-capacitor"],
  "start-capacitor-ptc": ["start-capacitor", "ptc"],
  "start-capacitor-relay": ["start-capacitor", "relay-contact", "relay-coil"],
  "hard-start": ["start-capacitor"],
};
const MOST = { ohm: 1_000_000, F: 2000 } as const;
const MICRO = 1e6;

/** The start parts on the meter, before money is spent on new ones: what each should show, and whether it does. */
export function StartPartsForm({ bundle, wiring, save }: Pick<PartProps, "bundle" | "wiring" | "save">) {
  const tested = TESTED[wiring.switches.aid];
  if (tested.length === 0) return null;
  const printedF = wiring.printed.startcap?.farad ?? bundle.unit.startAidF?.value ?? null;
  return (
    <Fold label={PARTS.title} ruled className="mt-3">
      <p className="py-1 text-body">{PARTS.help}</p>
      <DraftScope value={`parts ${wiring.unitId}`}>
        {tested.map((part) => {
          const kept = wiring.parts[part] ?? null;
          const band = partBand(part, printedF);
          const scale = part === "start-capacitor" ? MICRO : 1;
          const unit = part === "start-capacitor" ? "µF" : "ohm";
          const set = (value: number | "open" | null): void => save({}, `part ${part}`, { parts: { [part]: value ?? undefined } });
          const shown = (value: number): string => formatNumber(value * scale, value * scale < 10 ? 1 : 0);
          const verdict = kept === null ? null : judgePart(part, kept, printedF);
          return (
            <div key={part}>
              <NumberField
                label={`${PARTS.names[part]}, ${unit}`}
                kept={kept === null || kept === "open" ? null : Math.round(kept * scale * 1000) / 1000}
                min={0}
                max={MOST[part === "start-capacitor" ? "F" : "ohm"]}
                optional
                wrong={PARTS.bad(PARTS.names[part], MOST[part === "start-capacitor" ? "F" : "ohm"], unit)}
                onNumber={(value) => set(value === null ? null : value / scale)}
              />
              <Tick label={PARTS.open(PARTS.names[part])} ticked={kept === "open"} onChange={(open) => set(open ? "open" : null)} />
              <p className="text-small text-ink2">
                {band === null ? PARTS.noPrint : PARTS.band(shown(band.least), shown(band.most), unit)}
              </p>
              {verdict !== null && (
                <p className={`font-semibold ${verdict === "good" ? "" : "text-lead"}`} aria-live="polite">
                  {PARTS.verdict[verdict]}
                </p>
              )}
            </div>
          );
        })}
      </DraftScope>
      <p className="py-1 text-small text-ink2">{PARTS.source}</p>
    </Fold>
  );
}
