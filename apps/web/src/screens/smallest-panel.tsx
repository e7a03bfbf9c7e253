import { useState } from "react";
import type { JobBundle } from "../store/queries.ts";
import { useSettings } from "../store/settings.tsx";
import { Button } from "../ui/button.tsx";
import { Failed } from "../ui/failed.tsx";
import { METHOD_WORDS } from "../words/check.ts";
import { SMALLEST } from "../words/smallest.ts";
import { smallestRows } from "./smallest-rows.ts";
import { useSmallestKept } from "./use-smallest-kept.ts";

interface SmallestPanelProps {
  readonly bundle: JobBundle;
  /** Whether it is looked for without being asked. */
  readonly atOnce?: boolean;
}

/** The smallest generator, circuit and cord, the hottest day and the highest campsite that still work, for every way of starting. */
export function SmallestPanel({ bundle, atOnce = false }: SmallestPanelProps) {
  const [asked, setAsked] = useState(false);
  const { measure } = useSettings();
  const { ways, found, running, failed, stop, again } = useSmallestKept(bundle, asked || atOnce);
  const [first] = found;
  const rows =
    found.length === 0
      ? []
      : smallestRows(
          ways.map((_, i) => found[i]?.smallest ?? null),
          measure,
        );
  const tried = found.reduce((sum, f) => sum + f.tried, 0);
  const of = found.reduce((sum, f) => sum + f.of, 0);
  return (
    <section aria-label={SMALLEST.title} className="when-near mt-4 border-t-[1.5px] border-ink pt-2">
      <h2 className="font-bold">{SMALLEST.title}</h2>
      <p className="text-small text-ink2">{SMALLEST.help}</p>
      {first === undefined && !running && failed === null && (
        <div className="mt-2">
          <Button onClick={() => setAsked(true)}>{SMALLEST.find}</Button>
        </div>
      )}
      {failed !== null && <Failed text={failed} onAgain={again} />}
      {running && (
        <p role="status" className="mt-1 flex items-center gap-3 text-body">
          {SMALLEST.found(tried, of)}
          <Button look="quiet" onClick={stop}>
            {SMALLEST.stop}
          </Button>
        </p>
      )}
      {rows.length > 0 && (
        // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by keyboard
        <section tabIndex={0} aria-label={SMALLEST.table} className="overflow-x-auto">
          <table className="mt-1 w-full text-body">
            <thead>
              <tr className="border-b-[1.5px] border-ink text-right align-bottom">
                <td />
                {ways.map((way) => (
                  <th key={way} scope="col" className="py-1 pl-3 font-semibold">
                    {METHOD_WORDS[way]}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map(({ label, figures }) => (
                <tr key={label} className="border-b border-hair">
                  <th scope="row" className="py-1 text-left font-normal">
                    {label}
                  </th>
                  {figures.map((figure, i) => (
                    <td key={ways[i]} className="figure py-1 pl-3 text-right whitespace-nowrap">
                      {figure}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      )}
    </section>
  );
}
