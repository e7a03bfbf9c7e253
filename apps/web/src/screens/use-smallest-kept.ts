import { conditionsOf, startCase } from "@amp-saver/cases";
import type { Smallest } from "@amp-saver/core/study/boundary";
import { CORE_VERSION } from "@amp-saver/core/version";
import { METHODS, type Method } from "@amp-saver/records";
import { useEffect, useMemo } from "react";
import { editCommit } from "../store/commands.ts";
import { nowIso } from "../store/identity.ts";
import { useStore } from "../store/provider.tsx";
import type { JobBundle } from "../store/queries.ts";
import { type SmallestFound, useSmallest } from "../workers/use-boundary.ts";
import { keptSmallest, waysOf } from "./smallest.view.ts";

/** The smallest that works of a job, way by way: as it was kept, or as far as it has been found. */
export interface SmallestView {
  readonly ways: readonly Method[];
  readonly found: readonly SmallestFound[];
  readonly running: boolean;
  readonly failed: string | null;
  readonly stop: () => void;
  readonly again: () => void;
}

/** Finds the smallest that works once it is wanted and not kept yet, and keeps it with the job when it is whole. */
export function useSmallestKept(bundle: JobBundle, wanted: boolean): SmallestView {
  const { job, rig, unit, sources, starters } = bundle;
  const { commit } = useStore();
  const source = sources.find((s) => s.id === job.sourceId);
  const ways = useMemo(() => waysOf(job, METHODS), [job]);
  const kept = useMemo(() => keptSmallest(job, rig, unit, source), [job, rig, unit, source]);
  const cases = useMemo(() => {
    if (!wanted || kept !== null) return null;
    const asked = ways.map((way) => startCase(unit, source, way, { ...conditionsOf(rig, job, starters), aidStaysIn: false }));
    return asked.every((a) => a.ok) ? asked.flatMap((a) => (a.ok ? [a.given] : [])) : null;
  }, [wanted, kept, ways, unit, source, rig, job, starters]);
  const { found, running, failed, stop, again } = useSmallest(cases);
  const whole = cases !== null && !running && failed === null && found.length === ways.length && found.every((f) => f.tried >= f.of);
  useEffect(() => {
    if (!whole || job.sourceId === null) return;
    const figures = Object.fromEntries(ways.flatMap((way, i) => (found[i]?.smallest == null ? [] : [[way, found[i].smallest]])));
    const smallest = {
      at: nowIso(),
      coreVersion: CORE_VERSION,
      sourceId: job.sourceId,
      ways: figures as Partial<Record<Method, Smallest>>,
    };
    void commit({ ...editCommit(job, { smallest: smallest as NonNullable<typeof job.smallest> }), label: "answer", silent: true });
  }, [whole, found, ways, job, commit]);
  if (kept !== null) {
    const shown = ways.map((way): SmallestFound => ({ smallest: kept[way] ?? null, tried: kept[way]?.of ?? 0, of: kept[way]?.of ?? 0 }));
    return { ways, found: shown, running: false, failed: null, stop, again };
  }
  return { ways, found, running: cases !== null && running, failed, stop, again };
}
