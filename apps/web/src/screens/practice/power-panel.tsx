import type { PracticeAct, ShownBench } from "@amp-saver/core/study/practice";
import { Button } from "../../ui/button.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { PRACTICE } from "../../words/practice.ts";
import { COVER_WORDS, sourceName } from "../../words/practice-names.ts";
import { COVERS } from "./bench.view.ts";

interface PowerPanelProps {
  readonly shown: ShownBench;
  readonly act: (act: PracticeAct) => void;
}

/** Sources with their switches and locks, the thermostat, the covers, and time. */
export function PowerPanel({ shown, act }: PowerPanelProps) {
  const closed = COVERS.find((cover) => !shown.open.includes(cover));
  return (
    <div className="grid gap-3">
      {shown.sources.map(({ id, volts, on, locked, tripped, ...source }) => (
        <section key={id} aria-label={sourceName({ ...source, volts })} className="border-b border-hair pb-2">
          <h2 className="font-semibold">
            {sourceName({ ...source, volts })}, {volts}&nbsp;V: {PRACTICE.sourceState(on, locked, tripped)}
          </h2>
          <div className="flex flex-wrap gap-2 pt-1">
            {on && !tripped ? (
              <Button onClick={() => act({ act: "switch", source: id, on: false })}>
                {PRACTICE.switchOff(sourceName({ ...source, volts }).toLowerCase())}
              </Button>
            ) : (
              <Button onClick={() => act({ act: "switch", source: id, on: true })}>
                {PRACTICE.switchOn(sourceName({ ...source, volts }).toLowerCase())}
              </Button>
            )}
            {locked ? (
              <Button onClick={() => act({ act: "unlock", source: id })}>{PRACTICE.unlock}</Button>
            ) : (
              <Button onClick={() => act({ act: "lock", source: id })}>{PRACTICE.lock}</Button>
            )}
          </div>
        </section>
      ))}
      <section className="flex flex-wrap gap-2">
        {closed !== undefined && <Button onClick={() => act({ act: "search", cover: closed })}>{PRACTICE.search}</Button>}
        {COVERS.map((cover) => {
          const isOpen = shown.open.includes(cover);
          return (
            <Button key={cover} onClick={() => act({ act: isOpen ? "close" : "open", cover })}>
              {PRACTICE.cover(COVER_WORDS[cover].toLowerCase(), isOpen)}
            </Button>
          );
        })}
      </section>
      <section>
        <SectionHeading>{PRACTICE.thermostat}</SectionHeading>
        <p className="text-body">{PRACTICE.heard[shown.heard]}</p>
        {shown.starter !== null && <p className="text-body">{PRACTICE.learned(shown.starter.learned, shown.starter.of)}</p>}
        <Button className="mt-1" onClick={() => act({ act: "call", on: !shown.called })}>
          {shown.called ? PRACTICE.callOff : PRACTICE.call}
        </Button>
      </section>
      <section>
        <SectionHeading>{PRACTICE.wait}</SectionHeading>
        <div className="flex flex-wrap gap-2 pt-2">
          {Object.entries(PRACTICE.waits).map(([seconds, word]) => (
            <Button key={seconds} onClick={() => act({ act: "wait", seconds: Number(seconds) })}>
              {word}
            </Button>
          ))}
        </div>
      </section>
    </div>
  );
}
