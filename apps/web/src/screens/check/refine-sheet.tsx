import { formatAmps, formatNumber, formatPercent } from "@amp-saver/core/quantity";
import type { AirConditioner } from "@amp-saver/records";
import { useMemo } from "react";
import { editCommit } from "../../store/commands.ts";
import { nowIso } from "../../store/identity.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { Button } from "../../ui/button.tsx";
import { Sheet } from "../../ui/sheet.tsx";
import { COMMON } from "../../words/common.ts";
import { REFINE } from "../../words/refine.ts";
import { useCalibration } from "../../workers/use-study.ts";
import { calibrationInput } from "./calibration-input.ts";

interface RefineSheetProps {
  readonly bundle: JobBundle;
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
}

/** Readings set beside the model, and what they make of the plate. */
export function RefineSheet({ bundle, open, onOpenChange }: RefineSheetProps) {
  const { commit } = useStore();
  const { rig, unit, sources, readings, waveforms, timings } = bundle;
  const input = useMemo(
    () => calibrationInput(rig, unit, sources, readings, waveforms, timings),
    [rig, unit, sources, readings, waveforms, timings],
  );
  const { answer } = useCalibration(open ? input : null);
  const keep = (fitted: AirConditioner["fitted"]): void => {
    void commit(editCommit<AirConditioner>(unit, { fitted })).then(() => onOpenChange(false));
  };
  return (
    <Sheet open={open} onOpenChange={onOpenChange} title={REFINE.title} description={REFINE.help}>
      {input === null && <p>{REFINE.nothing}</p>}
      {input !== null && answer === undefined && <p>{COMMON.working}</p>}
      {answer !== undefined && !answer.ok && <p className="font-semibold text-lead">{REFINE.failures[answer.reason]}</p>}
      {answer?.ok === true && (
        <>
          <table className="w-full text-body">
            <thead>
              <tr className="border-b-[1.5px] border-ink text-left">
                {REFINE.heads.map((head, i) => (
                  <th key={head} scope="col" className={i > 0 ? "text-right" : ""}>
                    {head}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {answer.value.rows.map((row) => {
                const reading = readings.find((r) => r.id === row.id);
                return (
                  <tr key={row.id} className="border-b border-hair align-top">
                    <td className="py-1">
                      {reading === undefined ? "" : REFINE.reading(reading.when, reading.mode, reading.conductor)}
                      {row.refused !== null && <span className="block text-small text-lead">{REFINE.refused[row.refused]}</span>}
                    </td>
                    <td className="figure py-1 text-right">{formatAmps(row.measuredA)}</td>
                    <td className="figure py-1 text-right">{row.plateA === null ? "–" : formatAmps(row.plateA)}</td>
                    <td className="figure py-1 text-right">{row.modelA === null ? "–" : formatAmps(row.modelA)}</td>
                  </tr>
                );
              })}
            </tbody>
          </table>
          {(input?.timings?.length ?? 0) > 0 && <p className="mt-2">{REFINE.timings(input?.timings?.length ?? 0)}</p>}
          {(input?.waveforms?.length ?? 0) > 0 && <p className="mt-2">{REFINE.recordings(input?.waveforms?.length ?? 0)}</p>}
          <p className="mt-2">{REFINE.residual(formatPercent(answer.value.plateResidual), formatPercent(answer.value.residual))}</p>
          <dl className="mt-2">
            {[
              [REFINE.locked, REFINE.plusMinus(formatAmps(answer.value.lockedRotorA.value), answer.value.lockedRotorA.tolerance)],
              [REFINE.running, REFINE.plusMinus(formatAmps(answer.value.runningA.value), answer.value.runningA.tolerance)],
              [REFINE.inertia, REFINE.plusMinus(formatNumber(answer.value.inertiaShare.value, 2), answer.value.inertiaShare.tolerance)],
            ].map(([term, figure]) => (
              <div key={term} className="flex justify-between gap-4 border-b border-hair py-1">
                <dt>{term}</dt>
                <dd className="figure">{figure}</dd>
              </div>
            ))}
          </dl>
          <div className="mt-4 flex flex-wrap gap-2">
            <Button
              onClick={() => {
                const { lockedRotorA, runningA, split, splitTolerance, rows } = answer.value;
                keep({
                  lockedRotorA: { value: lockedRotorA.value, from: lockedRotorA.origin, tolerance: lockedRotorA.tolerance },
                  runningA: { value: runningA.value, from: runningA.origin, tolerance: runningA.tolerance },
                  split,
                  splitTolerance,
                  readings: rows.filter((r) => r.refused === null).length,
                  at: nowIso(),
                });
              }}
            >
              {REFINE.use}
            </Button>
            {unit.fitted !== undefined && (
              <Button look="quiet" onClick={() => keep(undefined)}>
                {REFINE.forget}
              </Button>
            )}
          </div>
        </>
      )}
    </Sheet>
  );
}
