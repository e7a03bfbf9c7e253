import type { GuideTopic } from "../words/guide/topic.ts";
import { WhyLink } from "./why-link.tsx";

/** A stretch of a sentence; `decides` marks the figure that decides. */
interface Span {
  readonly text: string;
  readonly decides?: boolean;
}

interface AnswerProps {
  readonly question: string;
  readonly parts: readonly Span[];
  readonly sure?: React.ReactNode;
  readonly extra?: React.ReactNode;
  /** What is done from here on a phone, so that nobody has to look for it below: under the headline, beside it where it is held sideways. */
  readonly acts?: React.ReactNode;
  /** Where the guide explains how this is answered. */
  readonly guide?: GuideTopic;
}

/** One question, its answer in a sentence with the deciding figure marked, and how sure that is. */
export function Answer({ question, parts, sure, extra, acts, guide }: AnswerProps) {
  return (
    <div className={`flex items-end justify-between gap-4 ${acts ? "flex-wrap sideways:flex-nowrap" : ""}`}>
      <div className="min-w-0">
        <p className="text-body text-ink2">
          {question} {guide !== undefined && <WhyLink to={guide} about={question} />}
        </p>
        <h1 id="answer" className="answer" tabIndex={-1} aria-live="polite">
          {parts.map((part) => (
            <span key={part.text} className={part.decides === true ? "decides" : undefined}>
              {part.text}
            </span>
          ))}
        </h1>
        {sure !== undefined && <p className="text-body">{sure}</p>}
      </div>
      {extra}
      {acts ? <div className="grid w-full shrink-0 gap-2 sideways:w-[240px]">{acts}</div> : null}
    </div>
  );
}
