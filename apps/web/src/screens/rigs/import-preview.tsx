import type { MergeSide } from "@amp-saver/records";
import type { OfferView } from "@amp-saver/records/exchange";
import { useState } from "react";
import { Button } from "../../ui/button.tsx";
import { Choice } from "../../ui/choice.tsx";
import { COMMON, KIND_WORDS } from "../../words/common.ts";
import { HOME, RIGS } from "../../words/home.ts";

const nameOf = ({ kind, name }: OfferView["gone"][number]): string => name ?? KIND_WORDS[kind];

/** Things to decide and records that go that are shown at first, and with every press for more. */
const ROWS = 30;

interface ImportPreviewProps {
  readonly view: OfferView;
  readonly onTake: (sides: ReadonlyMap<number, MergeSide>) => void;
  readonly onLeave: () => void;
}

/** What a file would change, before it does; what both devices changed is asked for one by one. */
export function ImportPreview({ view: { counts, changed, gone, conflicts, nothing }, onTake, onLeave }: ImportPreviewProps) {
  const [sides, setSides] = useState<ReadonlyMap<number, MergeSide>>(() => new Map(conflicts.map((c, k) => [k, c.later])));
  const [most, setMost] = useState(ROWS);
  const value = (text: string | null): string => text ?? RIGS.nothing;
  return (
    <>
      {nothing && <p>{RIGS.previewNone}</p>}
      <ul className="border-t-[1.5px] border-ink">
        {counts.map(({ kind, change, count }) => (
          <li key={kind + change} className="border-b border-hair py-1">
            {RIGS.previewRow(count, KIND_WORDS[kind], change)}
          </li>
        ))}
        {gone.slice(0, most).map((record, k) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: the list stays as it is
          <li key={k} className="border-b border-hair py-1">
            {RIGS.previewGone(KIND_WORDS[record.kind], nameOf(record))}
          </li>
        ))}
      </ul>
      {changed.length > 0 && (
        <ul className="mt-3 text-small">
          {changed.map((record, k) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: the list stays as it is
            <li key={k}>{RIGS.previewFields(nameOf(record), record.fields.join(", "))}</li>
          ))}
        </ul>
      )}
      {conflicts.length > 0 && (
        <section className="mt-4">
          <h3 className="border-b-[1.5px] border-ink pb-1 font-bold">{RIGS.conflicts(conflicts.length)}</h3>
          <p className="text-small text-ink2">{RIGS.conflictsHelp}</p>
          {conflicts.slice(0, most).map((conflict, k) => (
            <Choice<MergeSide>
              // biome-ignore lint/suspicious/noArrayIndexKey: the list stays as it is
              key={k}
              label={
                conflict.group === null ? RIGS.conflictGone(nameOf(conflict)) : RIGS.conflict(nameOf(conflict), conflict.group.join(", "))
              }
              value={sides.get(k) ?? "mine"}
              options={[
                {
                  value: "mine",
                  word: RIGS.mine(conflict.group === null ? RIGS.keptOrGone(conflict.mine !== null) : value(conflict.mine)),
                },
                {
                  value: "theirs",
                  word: RIGS.theirs(conflict.group === null ? RIGS.keptOrGone(conflict.theirs !== null) : value(conflict.theirs)),
                },
              ]}
              onChange={(side) => setSides((old) => new Map(old).set(k, side))}
            />
          ))}
        </section>
      )}
      {Math.max(gone.length, conflicts.length) > most && (
        <Button className="mt-3" onClick={() => setMost(most + ROWS)}>
          {HOME.more(Math.min(ROWS, Math.max(gone.length, conflicts.length) - most), Math.max(gone.length, conflicts.length))}
        </Button>
      )}
      <div className="mt-4 flex gap-2">
        {!nothing && (
          <Button look="primary" onClick={() => onTake(sides)}>
            {RIGS.takeIn}
          </Button>
        )}
        <Button onClick={onLeave}>{nothing ? COMMON.close : COMMON.cancel}</Button>
      </div>
    </>
  );
}
