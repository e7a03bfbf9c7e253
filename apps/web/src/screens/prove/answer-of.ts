import { spread } from "@amp-saver/core/study/own-record";
import { READING_PARAMS } from "@amp-saver/core/study/reading/params";
import { format, parseISO } from "date-fns";
import type { JobBundle } from "../../store/queries.ts";
import type { Span } from "../../words/answer.ts";
import { HISTORY } from "../../words/history.ts";
import { beforeSentence, PROVE, proofSentence, visitSentence } from "../../words/prove.ts";
import { fittedOn } from "../hand-over/hand-over.view.ts";
import { earlierVisit, sinceVisit, visitView } from "../history/history.view.ts";
import type { ProveView } from "./prove.view.ts";
import { readingSide } from "./reading-side.view.ts";

/** The proof in a sentence. */
export function proofAnswer(bundle: JobBundle, { verdict, start, running }: ProveView["study"]): readonly Span[] {
  return proofSentence({
    verdict,
    beforeA: start?.before.medianA ?? 0,
    afterA: start?.after.medianA ?? 0,
    reduction: start?.reduction ?? 0,
    low: start?.low ?? 0,
    high: start?.high ?? 0,
    running: running?.verdict ?? null,
    side: readingSide(bundle),
  });
}

/** The readings before in a sentence: how many there are of those wanted, and their middle. */
export function beforeAnswer({ before }: ProveView): readonly Span[] {
  return beforeSentence(before.length, READING_PARAMS.wanted.value, spread(before.map((r) => r.amps))?.middle ?? null);
}

interface VisitAnswer {
  readonly question: string;
  readonly parts: readonly Span[];
  readonly sure: string;
  /** Readings of the visit before as one side, of this one as the other. */
  readonly view: ProveView;
}

/** Question and answer of a later visit, with what to look at where a figure has moved; null on a first visit. */
export function visitAnswer({ job, jobs, unit, readings, works }: JobBundle): VisitAnswer | null {
  const visit = earlierVisit(job, jobs);
  if (visit === null) return null;
  const fitted = fittedOn(
    visit,
    works.find((w) => w.jobId === visit.id),
    readings,
  );
  const { start, running } = sinceVisit(visit, job, readings, unit);
  const said = [HISTORY.check("start", start), HISTORY.running(running), HISTORY.check("running", running)];
  return {
    question: PROVE.visitQuestion(unit.name, format(parseISO(fitted), "d MMMM yyyy")),
    parts: visitSentence(start),
    sure: said.filter((s) => s !== null).join(" "),
    view: visitView(visit, job, readings, unit),
  };
}
