import { Button } from "../../ui/button.tsx";
import { Pick } from "../../ui/pick.tsx";
import { FIND } from "../../words/wiring-find.ts";
import { LEAD_LABELS, leadsTold, pinsContradicted, pinWires } from "./leads.view.ts";
import type { PartProps } from "./part-props.ts";

const UNSAID = "";

/** Which wire each labelled lead is on: what ties the ohms to the circuit as found. */
export function LeadWiresForm({ wiring, view, names, save }: Pick<PartProps, "wiring" | "view" | "names" | "save">) {
  const wires = pinWires(view.asFound);
  return LEAD_LABELS.map((label) => (
    <Pick<string>
      key={label}
      label={FIND.leadOn(label)}
      value={wiring.leads[label] ?? UNSAID}
      options={[{ value: UNSAID, word: FIND.leadUnsaid }, ...wires.map((id) => ({ value: id, word: names.wire(id) }))]}
      onChange={(id) => save({}, "leads", { leads: leadsTold(wiring.leads, label, id === UNSAID ? undefined : id, wires) })}
    />
  ));
}

/** Said loudly where the ohms and the circuit as found contradict each other, with the two ways to set it right. */
export function OhmsContradict({ wiring, view, names, save }: Pick<PartProps, "wiring" | "view" | "names" | "save">) {
  const found = pinsContradicted(wiring, view.asFound);
  if (found === null) return null;
  return (
    <section role="alert" className="mt-3 max-w-[760px] border-[3px] border-lead px-3 py-2">
      <p className="text-large font-bold text-lead">{FIND.contradict}</p>
      <ul className="py-1">
        {found.wrong.map(({ conductor, found: pin, reads }) => (
          <li key={conductor}>{FIND.wrongPin(names.wire(conductor), pin, reads)}</li>
        ))}
      </ul>
      <p className="pb-2">{FIND.contradictHelp}</p>
      <div className="flex flex-wrap gap-2">
        <Button look="primary" onClick={() => save({ corrected: found.exchanged, built: null }, "corrected")}>
          {FIND.exchange}
        </Button>
        <Button onClick={() => save({ corrected: found.pinsMoved, built: null }, "corrected")}>{FIND.pinsOnly}</Button>
      </div>
    </section>
  );
}
