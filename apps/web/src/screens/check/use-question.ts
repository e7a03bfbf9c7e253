import { type Conditions, conditionsOf } from "@amp-saver/cases";
import type { Job, Method } from "@amp-saver/records";
import { useMemo, useState } from "react";
import { editCommit } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { useSame } from "../../ui/use-same.ts";
import { type CheckInput, checkInput } from "./check-input.ts";

/** The question as it stands, and how to change it. */
export interface Question {
  readonly input: CheckInput;
  readonly conditions: Conditions;
  readonly method: Method;
  readonly against: Method | null;
  /** Follows a slider while it is dragged. */
  readonly drag: (change: Partial<Conditions>) => void;
  /** Keeps a change. */
  readonly keep: (change: Partial<Job>, field?: string) => void;
}

/** What the finger still holds once a change is kept: what it dragged on meanwhile. */
function dragsOn(dragged: Partial<Conditions>, kept: Partial<Job>): Partial<Conditions> {
  const values: Readonly<Record<string, unknown>> = { ...kept };
  return Object.fromEntries(
    Object.entries(dragged).filter(([name, value]) => !(name in kept) || (values[name] !== null && values[name] !== value)),
  );
}

/** The question of a job: what is kept, overlaid with what is being dragged. */
export function useQuestion({ job, rig, unit, sources, starters }: JobBundle): Question {
  const { commit } = useStore();
  const [dragged, setDragged] = useState<Partial<Conditions>>({});
  const conditions = useSame({ ...conditionsOf(rig, job, starters), ...dragged });
  const { method, against, sourceId } = job;
  const input = useMemo(
    () => checkInput(unit, sources, sourceId, method, against, conditions),
    [unit, sources, sourceId, method, against, conditions],
  );
  return {
    input,
    conditions,
    method,
    against,
    drag: (change) => setDragged((old) => ({ ...old, ...change })),
    keep: (change, field) => {
      void commit(editCommit(job, change, field)).then(() => setDragged((now) => dragsOn(now, change)));
    },
  };
}
