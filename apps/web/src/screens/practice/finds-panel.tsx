import type { Goal, PracticeAct, PracticeFaultCode } from "@amp-saver/core/study/practice";
import { useState } from "react";
import { Button } from "../../ui/button.tsx";
import { Pick } from "../../ui/pick.tsx";
import { PRACTICE } from "../../words/practice.ts";
import { FAULT_WORDS } from "../../words/practice-names.ts";
import { PRACTICE_FAULTS } from "./bench.view.ts";

interface FindsPanelProps {
  readonly goals: readonly Goal[];
  readonly acts: readonly PracticeAct[];
  readonly act: (act: PracticeAct) => void;
  readonly hint: string | null;
  readonly end: () => void;
}

const NONE = "";

/** What is wrong, said by name; a hint that costs; and the end. */
export function FindsPanel({ goals, acts, act, hint, end }: FindsPanelProps) {
  const [code, setCode] = useState<PracticeFaultCode | typeof NONE>(NONE);
  const said = acts.flatMap((a) => (a.act === "say" ? [a.code] : []));
  return (
    <div className="grid gap-3">
      <section aria-label={PRACTICE.goalsLabel}>
        <p className="text-body text-ink2">{PRACTICE.goalsLabel}</p>
        <ul className="list-disc pl-5">
          {goals.map((goal) => (
            <li key={goal}>{PRACTICE.goals[goal]}</li>
          ))}
        </ul>
      </section>
      {goals.includes("all-found") && (
        <section>
          <Pick
            label={PRACTICE.finds}
            help={PRACTICE.findsHelp}
            value={code}
            options={[{ value: NONE, word: PRACTICE.noWire }, ...PRACTICE_FAULTS.map((value) => ({ value, word: FAULT_WORDS[value] }))]}
            onChange={setCode}
          />
          <Button
            className="mt-2"
            disabled={code === NONE || said.includes(code)}
            onClick={() => {
              if (code !== NONE) act({ act: "say", code });
            }}
          >
            {PRACTICE.say}
          </Button>
          {said.map((one) => (
            <p key={one} className="text-body">
              {PRACTICE.said(one)}
            </p>
          ))}
        </section>
      )}
      <section>
        <Button onClick={() => act({ act: "hint" })}>{PRACTICE.hint}</Button>
        {hint !== null && (
          <p className="pt-2" role="status">
            {hint}
          </p>
        )}
      </section>
      <Button look="primary" className="min-h-[62px] text-large" onClick={end}>
        {PRACTICE.end}
      </Button>
    </div>
  );
}
