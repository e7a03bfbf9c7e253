import type { PracticeFaultCode } from "@amp-saver/core/study/practice";
import { useState } from "react";
import { useNavigate } from "react-router";
import { Button } from "../../ui/button.tsx";
import { Fold } from "../../ui/fold.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { Pick } from "../../ui/pick.tsx";
import { TextField } from "../../ui/text-field.tsx";
import { Tick } from "../../ui/tick.tsx";
import { PRACTICE } from "../../words/practice.ts";
import { FAULT_WORDS, SOURCE_WORDS } from "../../words/practice-names.ts";
import { STARTING_POINT_WORDS } from "../../words/wiring.ts";
import { FED_BY, faultsFor, isSeed, OWN, PRACTICE_WIRINGS, SEED_MOST } from "./lessons.view.ts";
import { useSession } from "./use-session.ts";

/** A unit of one’s own: its wiring, its source, its number and what is wrong with it. */
export function OwnUnit() {
  const { begin } = useSession(OWN);
  const navigate = useNavigate();
  const [wiring, setWiring] = useState<string>("rooftop-common-cut");
  const [fedBy, setFedBy] = useState<(typeof FED_BY)[number]>("shore");
  const [seed, setSeed] = useState("1");
  const [faults, setFaults] = useState<ReadonlySet<PracticeFaultCode>>(new Set());
  const good = isSeed(seed);
  const possible = faultsFor({ wiring, fedBy });
  const hidden = possible.filter((code) => faults.has(code));
  return (
    <section>
      <SectionHeading spaced>{PRACTICE.free}</SectionHeading>
      <p className="py-2 text-body">{PRACTICE.freeStory}</p>
      <Pick
        label={PRACTICE.wiring}
        value={wiring}
        options={PRACTICE_WIRINGS.map((id) => ({ value: id, word: STARTING_POINT_WORDS[id] ?? id }))}
        onChange={setWiring}
      />
      <Pick
        label={PRACTICE.fedBy}
        value={fedBy}
        options={FED_BY.map((value) => ({ value, word: SOURCE_WORDS[value] }))}
        onChange={setFedBy}
      />
      <TextField
        label={PRACTICE.seed}
        kept={seed}
        numeric
        onText={(text) => {
          setSeed(text);
          return isSeed(text) ? null : PRACTICE.seedWrong(SEED_MOST);
        }}
      />
      <Fold label={PRACTICE.hidden}>
        {possible.map((code) => (
          <Tick
            key={code}
            label={FAULT_WORDS[code]}
            ticked={faults.has(code)}
            onChange={(on) => setFaults(new Set(on ? [...faults, code] : [...faults].filter((c) => c !== code)))}
          />
        ))}
      </Fold>
      <Button
        look="primary"
        className="mt-3"
        disabled={!good}
        onClick={() => {
          begin({ seed: Number(seed), own: { wiring, fedBy, faults: hidden } });
          void navigate(`/practice/${OWN}`);
        }}
      >
        {PRACTICE.start}
        <span className="sr-only">: {PRACTICE.free}</span>
      </Button>
    </section>
  );
}
