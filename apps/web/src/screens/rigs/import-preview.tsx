import type { PreviewRow } from "@amp-saver/records";
import { Button } from "../../ui/button.tsx";
import { COMMON, KIND_WORDS } from "../../words/common.ts";
import { RIGS } from "../../words/home.ts";
import { countRows } from "../../workbench/rig-file.ts";

const nameOf = (row: PreviewRow): string =>
  "name" in row.record ? row.record.name : "title" in row.record ? row.record.title : KIND_WORDS[row.record.kind];

/** What a file would change, before it does. */
export function ImportPreview({
  rows,
  onTake,
  onLeave,
}: {
  readonly rows: readonly PreviewRow[];
  readonly onTake: () => void;
  readonly onLeave: () => void;
}) {
  const changed = rows.filter((r) => r.change === "changed");
  const nothing = rows.every((r) => r.change === "same");
  return (
    <>
      {nothing && <p>{RIGS.previewNone}</p>}
      <ul className="border-t-[1.5px] border-ink">
        {countRows(rows).map(({ kind, change, count }) => (
          <li key={kind + change} className="border-b border-hair py-1">
            {RIGS.previewRow(count, KIND_WORDS[kind], change)}
          </li>
        ))}
      </ul>
      {changed.length > 0 && (
        <ul className="mt-3 text-[14.5px]">
          {changed.slice(0, 20).map((row) => (
            <li key={row.record.kind + row.record.id}>{RIGS.previewFields(nameOf(row), row.fields.join(", "))}</li>
          ))}
        </ul>
      )}
      <div className="mt-4 flex gap-2">
        {!nothing && (
          <Button look="primary" onClick={onTake}>
            {RIGS.takeIn}
          </Button>
        )}
        <Button onClick={onLeave}>{nothing ? COMMON.close : COMMON.cancel}</Button>
      </div>
    </>
  );
}
