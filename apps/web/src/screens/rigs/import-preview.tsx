import type { PreviewRow, Side } from "@amp-saver/records";
import { useState } from "react";
import { Button } from "../../ui/button.tsx";
import { Choice } from "../../ui/choice.tsx";
import { COMMON, KIND_WORDS } from "../../words/common.ts";
import { RIGS } from "../../words/home.ts";
import { countRows, type Offer } from "../../workbench/rig-file.ts";

const nameOf = (record: PreviewRow["record"]): string =>
  "name" in record ? record.name : "title" in record ? record.title : KIND_WORDS[record.kind];

const SHOWN = 60;

/** A value in a few letters, so that two can be told apart. */
function short(value: unknown): string {
  if (value === undefined || value === null) return RIGS.nothing;
  if (typeof value === "object" && "value" in value) return short(value.value);
  const text = typeof value === "string" ? value : JSON.stringify(value);
  return text.length > SHOWN ? `${text.slice(0, SHOWN)}…` : text;
}

interface ImportPreviewProps {
  readonly offer: Offer & { ok: true };
  readonly onTake: (sides: ReadonlyMap<number, Side>) => void;
  readonly onLeave: () => void;
}

/** What a file would change, before it does; what both devices changed is asked for one by one. */
export function ImportPreview({ offer: { rows, merge, gone }, onTake, onLeave }: ImportPreviewProps) {
  const { conflicts } = merge;
  const [sides, setSides] = useState<ReadonlyMap<number, Side>>(() => new Map(conflicts.map((c, k) => [k, c.later])));
  const changed = rows.filter((r) => r.change === "changed");
  const nothing = rows.every((r) => r.change === "same") && gone.length === 0 && conflicts.length === 0;
  return (
    <>
      {nothing && <p>{RIGS.previewNone}</p>}
      <ul className="border-t-[1.5px] border-ink">
        {countRows(rows).map(({ kind, change, count }) => (
          <li key={kind + change} className="border-b border-hair py-1">
            {RIGS.previewRow(count, KIND_WORDS[kind], change)}
          </li>
        ))}
        {gone.map((record) => (
          <li key={record.kind + record.id} className="border-b border-hair py-1">
            {RIGS.previewGone(KIND_WORDS[record.kind], nameOf(record))}
          </li>
        ))}
      </ul>
      {changed.length > 0 && (
        <ul className="mt-3 text-[14.5px]">
          {changed.slice(0, 20).map((row) => (
            <li key={row.record.kind + row.record.id}>{RIGS.previewFields(nameOf(row.record), row.fields.join(", "))}</li>
          ))}
        </ul>
      )}
      {conflicts.length > 0 && (
        <section className="mt-4">
          <h3 className="border-b-[1.5px] border-ink pb-1 font-bold">{RIGS.conflicts(conflicts.length)}</h3>
          <p className="text-[14.5px] text-ink2">{RIGS.conflictsHelp}</p>
          {conflicts.map(({ key, record, group, mine, theirs }, k) => (
            <Choice<Side>
              key={`${key} ${group?.join(" ") ?? ""}`}
              label={group === null ? RIGS.conflictGone(nameOf(record)) : RIGS.conflict(nameOf(record), group.join(", "))}
              value={sides.get(k) ?? "mine"}
              options={[
                { value: "mine", word: RIGS.mine(group === null ? RIGS.keptOrGone(mine !== undefined) : short(mine)) },
                { value: "theirs", word: RIGS.theirs(group === null ? RIGS.keptOrGone(theirs !== undefined) : short(theirs)) },
              ]}
              onChange={(side) => setSides((old) => new Map(old).set(k, side))}
            />
          ))}
        </section>
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
