import type { SheetPlace, SheetStep } from "@amp-saver/core/study/maker-sheet";
import type { Starter } from "@amp-saver/records";
import { Pick } from "../../ui/pick.tsx";
import { MAKER } from "../../words/maker-sheet.ts";
import { colorsOf, EMPTY_STEP, MEANINGS, wireKey, wireOfKey } from "./maker-sheet.view.ts";
import { leadsOf, type PlanView } from "./wiring.view.ts";

interface SheetMeaningProps {
  readonly step: SheetStep | null;
  readonly view: PlanView;
  readonly starter: Starter;
  /** What was said of it: the rest stays as it is. */
  readonly onTold: (said: Partial<SheetStep>) => void;
}

/** What a sentence of the sheet means, said by a person: the act, the wires, the places. */
export function SheetMeaning({ step, view, starter, onTold }: SheetMeaningProps) {
  const now = step ?? EMPTY_STEP;
  const colorOf = (name: string): string | undefined => Object.entries(starter.leads ?? {}).find(([lead]) => lead === name)?.[1].color;
  const wires = [
    { value: "", word: MAKER.none },
    { value: "color ", word: MAKER.anyWire },
    ...leadsOf(view.options.family).map((name) => ({ value: `lead ${name}`, word: MAKER.lead(name, colorOf(name)) })),
    ...colorsOf(view).map((color) => ({ value: `color ${color}`, word: color })),
  ];
  const withOwn = (key: string) =>
    wires.some((w) => w.value === key) ? wires : [...wires, { value: key, word: key.replace(/^\w+ /, "") }];
  const places: readonly { readonly value: SheetPlace | ""; readonly word: string }[] = [
    { value: "", word: MAKER.none },
    ...MEANINGS.places.map((value) => ({ value, word: MAKER.places[value] })),
  ];
  const place = (field: "from" | "to") => (
    <Pick
      label={MAKER[field]}
      value={now[field] ?? ""}
      options={places}
      onChange={(value) => onTold({ [field]: value === "" ? null : value })}
    />
  );
  const wire = (field: "wire" | "with") => (
    <Pick<string>
      label={MAKER[field]}
      value={wireKey(now[field])}
      options={withOwn(wireKey(now[field]))}
      onChange={(key) => onTold({ [field]: wireOfKey(key) })}
    />
  );
  return (
    <div className="border-l-[3px] border-ink pl-2">
      <Pick
        label={MAKER.act}
        value={now.act}
        options={MEANINGS.acts.map((value) => ({ value, word: MAKER.acts[value] }))}
        onChange={(act) => onTold({ act })}
      />
      {now.act !== "remove" && wire("wire")}
      {now.act === "join" && wire("with")}
      {now.act !== "land" && now.act !== "join" && place("from")}
      {(now.act === "land" || now.act === "move") && place("to")}
    </div>
  );
}
