import type { StartResult } from "@amp-saver/core/study/motor-start";

/** A study's result as `amp-saver/start-result`, version 1. */
export function resultToFile(result: StartResult): object {
  return {
    format: "amp-saver/start-result",
    version: 1,
    status: result.status,
    reason: result.reason,
    startS: result.startS,
    peak: result.peak,
    minVolts: result.minVolts,
    endRadS: result.endRadS,
    runA: result.running?.totalA ?? null,
    issues: result.findings.map(({ code, severity, figures, source }) => ({ code, severity, figures, source })),
    cycles: result.cycles.map(({ t, rmsA, volts, radS }) => ({ t, rmsA, volts, radS })),
  };
}
