import { allTerminals, type Conductor, type Netlist } from "@amp-saver/core/network";
import { TEXT_MOST } from "@amp-saver/records";
import { useId, useState } from "react";
import { Button } from "../../ui/button.tsx";
import { DraftScope, pagePlace } from "../../ui/drafts.ts";
import { FieldError } from "../../ui/field-error.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { Pick } from "../../ui/pick.tsx";
import { TextField } from "../../ui/text-field.tsx";
import { FOUND, type WiringNames } from "../../words/wiring.ts";

interface ConductorFormProps {
  readonly netlist: Netlist;
  readonly wire: Conductor | undefined;
  readonly names: WiringNames;
  /** Takes a change; says why it makes no sense, or null when it was kept. */
  readonly onChange: (change: Partial<Conductor>) => string | null;
  readonly onRemove?: () => void;
}

const FREE = "";
const GAUGES = [18, 16, 14, 12, 10, 8, 6, 4];

/** One conductor: colour, gauge and both ends. */
export function ConductorForm({ netlist, wire, names, onChange, onRemove }: ConductorFormProps) {
  const id = useId();
  const [refused, setRefused] = useState<string | null>(null);
  if (wire === undefined)
    return (
      <section>
        <SectionHeading>{FOUND.conductor}</SectionHeading>
        <p className="py-2 text-ink2">{FOUND.none}</p>
      </section>
    );
  const terminals = allTerminals(netlist).toSorted((a, b) => (names.terminal(a) < names.terminal(b) ? -1 : 1));
  const options = [{ value: FREE, word: FOUND.free }, ...terminals.map((value) => ({ value, word: names.terminal(value) }))];
  const gauges = [...new Set([...GAUGES, wire.awg])].toSorted((a, b) => b - a);
  const end = (at: 0 | 1, label: string) => (
    <Pick
      label={label}
      value={wire.ends[at] ?? FREE}
      options={options}
      onChange={(value) => {
        const to = value === FREE ? null : value;
        setRefused(onChange({ ends: at === 0 ? [to, wire.ends[1]] : [wire.ends[0], to] }));
      }}
    />
  );
  return (
    <DraftScope value={`${pagePlace()} ${wire.id}`}>
      <section aria-describedby={refused === null ? undefined : id}>
        <SectionHeading>{names.wire(wire.id)}</SectionHeading>
        <TextField
          label={FOUND.color}
          kept={wire.color}
          onText={(text) => {
            const color = text.trim();
            if (color === "" || color.length > TEXT_MOST.color) return FOUND.colorMissing;
            return onChange({ color });
          }}
        />
        <Pick
          label={FOUND.awg}
          value={String(wire.awg)}
          options={gauges.map((awg) => ({ value: String(awg), word: names.size(awg) }))}
          onChange={(awg) => setRefused(onChange({ awg: Number(awg) }))}
        />
        {end(0, FOUND.from)}
        {end(1, FOUND.to)}
        <FieldError id={id} error={refused} />
        {onRemove !== undefined && (
          <Button look="quiet" onClick={onRemove}>
            {FOUND.remove}
          </Button>
        )}
      </section>
    </DraftScope>
  );
}
