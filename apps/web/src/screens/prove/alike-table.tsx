import { formatVolts, formatWith, rowOf } from "@amp-saver/core/quantity";
import type { JobBundle } from "../../store/queries.ts";
import { CONDUCTOR_WORDS, MODE_WORDS, PROVE } from "../../words/prove.ts";
import type { AlikeRow } from "./prove.view.ts";

const SIGN = {
  equal: <path d="M1 5h12M1 10h12" />,
  near: <path d="M1 6c3-4 6 2 12-2M1 11c3-4 6 2 12-2" />,
  unlike: <path d="M1 5h12M1 10h12M11 1 3 14" stroke="var(--lead)" />,
  "not-known": <path d="M1 8h3m2 0h3m2 0h3" />,
} as const;

/** Whether both sides were taken alike, condition by condition. */
export function AlikeTable({
  rows,
  bundle,
  outdoorText,
}: {
  readonly rows: readonly AlikeRow[];
  readonly bundle: JobBundle;
  readonly outdoorText: (c: number) => string;
}) {
  const text = (row: AlikeRow, value: string | number | null): string => {
    if (value === null || value === "") return PROVE.differs;
    if (row.what === "conductor") return rowOf(CONDUCTOR_WORDS, `${value}`) ?? PROVE.differs;
    if (row.what === "mode") return rowOf(MODE_WORDS, `${value}`) ?? PROVE.differs;
    if (row.what === "source") return bundle.sources.find((s) => s.id === value)?.name ?? PROVE.sourceNone;
    if (row.what === "rest") return formatWith(Number(value), 0, "min");
    if (row.what === "outdoor") return outdoorText(Number(value));
    if (row.what === "volts") return formatVolts(Number(value));
    return String(value);
  };
  const good = rows.filter((r) => r.alike === "equal" || r.alike === "near").length;
  return (
    <section>
      <div className="flex items-baseline justify-between border-t-[1.5px] border-ink pt-2">
        <h2 className="font-bold">{PROVE.alike}</h2>
        <span className="text-ink2">{PROVE.alikeOf(good, rows.length)}</span>
      </div>
      <table className="w-full text-body">
        <thead className="sr-only">
          <tr>
            <th>{PROVE.alike}</th>
            <th>{PROVE.before}</th>
            <th>{PROVE.after}</th>
            <th>{PROVE.alike}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={row.what} className="border-b border-hair">
              <th scope="row" className="py-1 pr-2 text-left font-normal text-ink2">
                {PROVE.alikeRows[row.what]}
              </th>
              <td className="py-1 pr-2">{text(row, row.before)}</td>
              <td className="py-1 pr-2">{text(row, row.after)}</td>
              <td className="py-1 text-right">
                <svg
                  viewBox="0 0 14 15"
                  width="14"
                  height="15"
                  fill="none"
                  stroke="currentColor"
                  strokeWidth="2"
                  role="img"
                  aria-label={PROVE.alikeWords[row.alike]}
                >
                  {SIGN[row.alike]}
                </svg>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
