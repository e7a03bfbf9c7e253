import { figureText } from "@amp-saver/core/figure";
import { formatAmps } from "@amp-saver/core/quantity";
import type { Reading, Source } from "@amp-saver/records";
import { useState } from "react";
import { deleteReadingCommit } from "../../store/evidence-commands.ts";
import { useStore } from "../../store/provider.tsx";
import { useSettings } from "../../store/settings.tsx";
import { Provenance } from "../../ui/provenance.tsx";
import { COMMON } from "../../words/common.ts";
import { CONDUCTOR_WORDS, conditionsWords, MODE_WORDS, PROVE } from "../../words/prove.ts";
import { CorrectReading } from "./correct-reading.tsx";

interface ReadingListProps {
  readonly readings: readonly Reading[];
  readonly sources: readonly Source[];
  readonly leftOut: ReadonlyMap<string, string>;
}

/** Every reading, those left out with the reason. */
export function ReadingList({ readings, sources, leftOut }: ReadingListProps) {
  const { commit } = useStore();
  const { measure } = useSettings();
  const air = (celsius: number): string => figureText("outdoorC", measure, celsius);
  const [corrected, setCorrected] = useState<string | null>(null);
  const sheet = readings.find((r) => r.id === corrected);
  return (
    <section>
      <h2 className="border-t-[1.5px] border-ink pt-2 font-bold">{PROVE.readings}</h2>
      <ul className="text-body">
        {readings.map((reading) => {
          const reason = leftOut.get(reading.id);
          return (
            <li key={reading.id} className="border-b border-hair py-1">
              <div className="flex items-center gap-3">
                <span className="w-[52px] shrink-0 text-ink2">{reading.when === "before" ? PROVE.before : PROVE.after}</span>
                <span className="figure w-[66px] shrink-0 text-right text-body whitespace-nowrap">{formatAmps(reading.amps)}</span>
                <Provenance from="measured" />
                <span className="min-w-0 grow leading-tight">
                  {MODE_WORDS[reading.mode]}, {CONDUCTOR_WORDS[reading.conductor]}
                </span>
              </div>
              {reason !== undefined && (
                <p className="text-small font-semibold">
                  {PROVE.leftOut}: {reason}
                </p>
              )}
              {(reading.was ?? []).map((old) => (
                <p key={old.at} className="text-small">
                  {PROVE.was(old.amps, MODE_WORDS[old.mode], CONDUCTOR_WORDS[old.conductor])}
                </p>
              ))}
              <div className="flex items-center gap-3">
                <span className="min-w-0 grow text-small leading-tight text-ink2">
                  {conditionsWords(reading, sources.find((s) => s.id === reading.sourceId)?.name ?? null, air)}
                </span>
                <button
                  type="button"
                  aria-label={PROVE.correctReading(reading.amps)}
                  onClick={() => setCorrected(reading.id)}
                  className="min-h-[28px] px-1 underline underline-offset-4 pointer-coarse:min-h-[48px]"
                >
                  {PROVE.correct}
                </button>
                <button
                  type="button"
                  aria-label={PROVE.deleteReading(reading.amps)}
                  onClick={() => void commit(deleteReadingCommit(reading))}
                  className="min-h-[28px] px-1 underline underline-offset-4 pointer-coarse:min-h-[48px]"
                >
                  {COMMON.delete}
                </button>
              </div>
            </li>
          );
        })}
      </ul>
      {sheet !== undefined && <CorrectReading key={sheet.id} reading={sheet} onClose={() => setCorrected(null)} />}
    </section>
  );
}
