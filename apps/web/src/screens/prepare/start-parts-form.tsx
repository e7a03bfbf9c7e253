import { DraftScope } from "../../ui/drafts.ts";
import { Fold } from "../../ui/fold.tsx";
import { NumberField } from "../../ui/number-field.tsx";
import { Tick } from "../../ui/tick.tsx";
import { PARTS } from "../../words/start-parts.ts";
import type { PartProps } from "./part-props.ts";
import { testedParts } from "./start-parts.view.ts";

/** The start parts on the meter, before money is spent on new ones: what each should show, and whether it does. */
export function StartPartsForm({ bundle, wiring, save }: Pick<PartProps, "bundle" | "wiring" | "save">) {
  const tested = testedParts(wiring, bundle.unit);
  if (tested.length === 0) return null;
  return (
    <Fold label={PARTS.title} ruled className="mt-3">
      <p className="py-1 text-body">{PARTS.help}</p>
      <DraftScope value={`parts ${wiring.unitId}`}>
        {tested.map(({ part, unit, most, scale, shown, open, band, verdict }) => {
          const name = PARTS.names[part];
          const set = (value: number | "open" | undefined): void => save({}, `part ${part}`, { parts: { [part]: value } });
          return (
            <div key={part}>
              <NumberField
                label={`${name}, ${unit}`}
                kept={shown}
                min={0}
                max={most}
                optional
                wrong={PARTS.bad(name, most, unit)}
                onNumber={(value) => set(value === null ? undefined : value * scale)}
              />
              <Tick label={PARTS.open(name)} ticked={open} onChange={(yes) => set(yes ? "open" : undefined)} />
              <p className="text-small text-ink2">{band === null ? PARTS.noPrint : PARTS.band(...band, unit)}</p>
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
