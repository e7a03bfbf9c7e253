import { QUOTE_PRICES } from "@amp-saver/core/study/quote/params";
import { fileStem } from "@amp-saver/records/exchange";
import { useState } from "react";
import { Link } from "react-router";
import { type JobBundle, useFitLogs } from "../../store/queries.ts";
import { QUOTE_FROM_MOST, useSettings } from "../../store/settings.tsx";
import { Button } from "../../ui/button.tsx";
import { makePdf } from "../../ui/make-pdf.ts";
import { PlainTable } from "../../ui/plain-table.tsx";
import { saveFile } from "../../ui/save-file.ts";
import { Sheet } from "../../ui/sheet.tsx";
import { TextField } from "../../ui/text-field.tsx";
import { HAND_OVER } from "../../words/hand-over.ts";
import { QUOTE } from "../../words/quote.ts";
import { BoundedInput } from "../bounded-input.tsx";
import { USUAL_RULE } from "../learn/learn.view.ts";
import { keptSmallest } from "../smallest.view.ts";
import { smallestRows } from "../smallest-rows.ts";
import { useUnitWiring } from "../use-unit-wiring.ts";
import { quoteView } from "./quote.view.ts";
import { QuoteFigures } from "./quote-figures.tsx";

const ENTRY = {
  hourUsd: "smallUsd",
  terminalUsd: "smallUsd",
  spliceUsd: "smallUsd",
  sundriesUsd: "smallUsd",
  aroundMin: "workMin",
  travelMin: "workMin",
  proveMin: "workMin",
  taxPercent: "taxPercent",
} as const;

/** What the job costs: parts from the plan’s kit, hours from one’s own log, prices from one’s own list. */
export function QuotePanel({ bundle }: { readonly bundle: JobBundle }) {
  const [open, setOpen] = useState(false);
  return (
    <section className="mt-5">
      <Button onClick={() => setOpen(true)}>{QUOTE.open}</Button>
      <Sheet open={open} onOpenChange={setOpen} title={QUOTE.title(bundle.rig.name, bundle.unit.name)}>
        <QuoteForm bundle={bundle} />
      </Sheet>
    </section>
  );
}

function QuoteForm({ bundle }: { readonly bundle: JobBundle }) {
  const { rig, unit, job, sources } = bundle;
  const { prices, quotePrices, quoteFrom, change, measure, namesInFiles } = useSettings();
  const { plan, starter } = useUnitWiring(bundle);
  const works = useFitLogs();
  const [said, setSaid] = useState<string | null>(null);
  if (!plan.plan.ok)
    return (
      <>
        <p>{QUOTE.noPlan}</p>
        <Link to={`/job/${job.id}/prepare`} className="mt-3 inline-block underline underline-offset-4">
          {QUOTE.toPrepare}
        </Link>
      </>
    );
  const source = sources.find((s) => s.id === job.sourceId);
  const kept = keptSmallest(job, rig, unit, source);
  const smallest = kept === null ? [] : smallestRows([kept["as-found"] ?? null, kept.soft ?? null], measure);
  const view = quoteView(plan, starter?.learningRule ?? USUAL_RULE, works, prices.starterUsd, quotePrices);
  const pdf = async (): Promise<void> => {
    const { quoteDocument } = await import("./quote-pdf.ts");
    const head = {
      rig: rig.name,
      unit: unit.name,
      starter: starter?.name ?? null,
      source: source?.name ?? null,
      lockedRotorA: unit.lockedRotorA?.value ?? null,
      smallest,
    };
    const blob = await makePdf(quoteDocument(view, { ...head, from: quoteFrom.trim(), today: new Date() }));
    saveFile(`${fileStem(namesInFiles, "unit", unit.id, `${rig.name} ${unit.name}`)}-quote.pdf`, blob, "application/pdf");
  };
  return (
    <>
      <QuoteFigures view={view} starter={starter?.name ?? null} />
      {smallest.length > 0 && (
        <>
          <h3 className="mt-4 border-b-[1.5px] border-ink pb-1 font-bold">{HAND_OVER.smallest}</h3>
          <PlainTable heads={HAND_OVER.smallestHeads} rows={smallest.map((row) => [row.label, ...row.figures])} />
        </>
      )}
      <div className="mt-3">
        <Button
          look="primary"
          onClick={() =>
            void pdf().then(
              () => setSaid(null),
              () => setSaid(HAND_OVER.failed),
            )
          }
        >
          {QUOTE.pdf}
        </Button>
        {said !== null && (
          <p role="alert" className="mt-1 font-semibold">
            {said}
          </p>
        )}
      </div>
      <h3 className="mt-4 border-b-[1.5px] border-ink pb-1 font-bold">{QUOTE.prices}</h3>
      <p className="text-small text-ink2">{QUOTE.pricesHelp}</p>
      <TextField
        label={QUOTE.from}
        kept={quoteFrom}
        most={QUOTE_FROM_MOST}
        onText={(text) => {
          change({ quoteFrom: text });
          return null;
        }}
      />
      <p className="text-small text-ink2">{QUOTE.fromHelp}</p>
      {QUOTE_PRICES.map((name) => (
        <BoundedInput
          key={name}
          name={ENTRY[name]}
          label={QUOTE.price[name]}
          value={quotePrices[name]}
          onChange={(v) => v !== null && change({ quotePrices: { ...quotePrices, [name]: v } })}
        />
      ))}
    </>
  );
}
