import { shownAs } from "@amp-saver/core/figure";
import { formatAmps, formatWith } from "@amp-saver/core/quantity";
import { BOUNDARY_PARAMS } from "@amp-saver/core/study/boundary/params";
import { useState } from "react";
import { useSettings } from "../../store/settings.tsx";
import { Sheet } from "../../ui/sheet.tsx";
import { VerdictGlyph } from "../../ui/verdict-glyph.tsx";
import { CHECK, METHOD_WORDS } from "../../words/check.ts";
import { COMMON, FIT_WORDS } from "../../words/common.ts";
import { type ControlProps, fitOf } from "./control-props.ts";
import { PlateLine } from "./plate-line.tsx";
import { SourceControl } from "./source-control.tsx";
import { WayControl } from "./way-control.tsx";
import { AltitudeControl, LoadsControl, OutdoorControl } from "./weather-control.tsx";

/** The rail at the table. Nothing to apply: the answer follows as things move. */
export function ControlRail(props: ControlProps) {
  const { job, unit, sources } = props.bundle;
  const engine = (sources.find((s) => s.id === job.sourceId)?.type ?? "shore") !== "shore";
  return (
    <section aria-label={CHECK.controls} className="border-l-[1.5px] border-ink bg-bench px-5 py-2">
      <h2 className="text-body text-ink2">{CHECK.source}</h2>
      <SourceControl {...props} />
      <div className="mt-1.5 border-t border-ink pt-1">
        <h2 className="mb-1 text-body text-ink2">{CHECK.way}</h2>
        <WayControl {...props} />
      </div>
      <div className="mt-1 border-t border-ink pt-1">
        <LoadsControl {...props} />
      </div>
      <div className="mt-1 border-t border-ink pt-1">
        <OutdoorControl {...props} />
      </div>
      {engine && (
        <div className="mt-1 border-t border-ink pt-1">
          <AltitudeControl {...props} />
        </div>
      )}
      <PlateLine unit={unit} />
    </section>
  );
}

type Drawer = "source" | "way" | "loads" | "weather";

/** The same on a phone: a row each, opening a sheet of its own. */
export function ControlDrawer(props: ControlProps) {
  const [open, setOpen] = useState<Drawer | null>(null);
  const { measure } = useSettings();
  const { bundle, question, turn } = props;
  const source = bundle.sources.find((s) => s.id === bundle.job.sourceId);
  const engine = (source?.type ?? "shore") !== "shore";
  const air = shownAs("outdoorC", measure);
  const height = shownAs("altitudeM", measure);
  const text = (shown: typeof air, value: number | null | undefined): string | null =>
    value == null ? null : formatWith(shown.fromSi(value), 0, shown.unit);
  // At the foot of what is looked at it holds nowhere.
  const above = (foot: number, value: number | null | undefined): number | null => (value == null || value <= foot ? null : value);
  const wayFit = fitOf(props, "method", question.method);
  const sourceFit = source === undefined ? "not-known" : fitOf(props, "source", source.id);
  const weather = CHECK.weatherRow(
    text(air, question.conditions.outdoorC) ?? "",
    engine ? text(height, question.conditions.altitudeM) : null,
  );
  return (
    <section aria-label={CHECK.controls} className="border-t-[1.5px] border-ink bg-bench">
      <Row label={source?.name ?? CHECK.addSource} onClick={() => setOpen("source")}>
        <span>{sourceFit === null ? COMMON.trying : FIT_WORDS[sourceFit]}</span>
        <VerdictGlyph fit={sourceFit ?? "not-known"} />
      </Row>
      <Row label={METHOD_WORDS[question.method]} onClick={() => setOpen("way")}>
        <span>{wayFit === null ? COMMON.trying : FIT_WORDS[wayFit]}</span>
        <VerdictGlyph fit={wayFit ?? "not-known"} />
      </Row>
      <Row label={CHECK.loads} onClick={() => setOpen("loads")}>
        <span className="figure text-large">
          {question.conditions.otherLoadsA === null ? CHECK.unknown : formatAmps(question.conditions.otherLoadsA)}
        </span>
      </Row>
      <Row label={weather} onClick={() => setOpen("weather")}>
        <span className="font-bold text-lead">
          {CHECK.upTo(text(air, above(BOUNDARY_PARAMS.coolestC.value, turn?.outdoorC)), text(height, above(0, turn?.altitudeM)))}
        </span>
      </Row>
      <Sheet open={open !== null} onOpenChange={() => setOpen(null)} title={open === null ? "" : CHECK.drawers[open]}>
        {open === "source" && <SourceControl {...props} />}
        {open === "way" && <WayControl {...props} />}
        {open === "loads" && <LoadsControl {...props} />}
        {open === "weather" && (
          <div className="flex flex-col gap-4">
            <OutdoorControl {...props} />
            {engine && <AltitudeControl {...props} />}
          </div>
        )}
      </Sheet>
    </section>
  );
}

function Row({ label, onClick, children }: { readonly label: string; readonly onClick: () => void; readonly children: React.ReactNode }) {
  return (
    <button
      type="button"
      onClick={onClick}
      className="flex min-h-[50px] w-full items-center justify-between gap-3 border-b border-hair px-4 text-left text-body -outline-offset-3"
    >
      <span className="truncate">{label}</span>
      <span className="flex shrink-0 items-center gap-3">{children}</span>
    </button>
  );
}
