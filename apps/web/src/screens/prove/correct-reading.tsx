import { correctedReading, type Reading, type ReadingFacts, TEXT_MOST } from "@amp-saver/records";
import { useState } from "react";
import { editCommit } from "../../store/commands.ts";
import { nowIso } from "../../store/identity.ts";
import { useStore } from "../../store/provider.tsx";
import { Button } from "../../ui/button.tsx";
import { DraftScope } from "../../ui/drafts.ts";
import { Pick } from "../../ui/pick.tsx";
import { Sheet } from "../../ui/sheet.tsx";
import { TextField } from "../../ui/text-field.tsx";
import { CONDUCTOR_WORDS, MODE_WORDS, PROVE } from "../../words/prove.ts";
import { BoundedInput } from "../bounded-input.tsx";

interface CorrectReadingProps {
  readonly reading: Reading;
  readonly onClose: () => void;
}

const optionsOf = <T extends string>(words: Readonly<Record<T, string>>) =>
  (Object.keys(words) as T[]).map((value) => ({ value, word: words[value] }));

/** Corrects a reading that was typed wrong; what it said before stays with it. */
export function CorrectReading({ reading, onClose }: CorrectReadingProps) {
  const { commit } = useStore();
  const [facts, setFacts] = useState<ReadingFacts>(reading);
  const set = (change: Partial<ReadingFacts>): void => setFacts((old) => ({ ...old, ...change }));
  const keep = (): void => {
    const { mode, conductor, amps, volts, restMin, outdoorC, meter } = facts;
    const change = correctedReading(reading, { mode, conductor, amps, volts, restMin, outdoorC, meter: meter.trim() }, nowIso());
    if (change !== null) void commit(editCommit<Reading>(reading, change));
    onClose();
  };
  return (
    <Sheet open onOpenChange={(open) => !open && onClose()} title={PROVE.correctTitle(reading.amps)} description={PROVE.correctHelp}>
      <DraftScope value={`correct ${reading.id}`}>
        <BoundedInput name="readingA" value={facts.amps} onChange={(amps) => amps !== null && set({ amps })} />
        <Pick label={PROVE.mode} value={facts.mode} options={optionsOf(MODE_WORDS)} onChange={(mode) => set({ mode })} />
        <Pick
          label={PROVE.conductor}
          value={facts.conductor}
          options={optionsOf(CONDUCTOR_WORDS)}
          onChange={(conductor) => set({ conductor })}
        />
        <BoundedInput name="readingVolts" optional value={facts.volts} onChange={(volts) => set({ volts })} />
        <BoundedInput name="restMin" optional value={facts.restMin} onChange={(restMin) => set({ restMin })} />
        <BoundedInput name="outdoorC" optional value={facts.outdoorC} onChange={(outdoorC) => set({ outdoorC })} />
        <TextField
          label={PROVE.meter}
          kept={facts.meter}
          most={TEXT_MOST.meter}
          onText={(meter) => {
            set({ meter });
            return null;
          }}
        />
        <Button look="primary" className="mt-4 min-h-[48px]" onClick={keep}>
          {PROVE.keepCorrection}
        </Button>
      </DraftScope>
    </Sheet>
  );
}
