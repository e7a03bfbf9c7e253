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
  /** Where the guide explains how this is answered. */
  readonly guide?: GuideTopic;
}

/** One question, its answer in a sentence with the deciding figure marked, and how sure that is. */
export function Answer({ question, parts, sure, extra, guide }: AnswerProps) {
  return (
    <div className="flex items-end justify-between gap-4">
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
    </div>
  );
}
