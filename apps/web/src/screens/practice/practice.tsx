import { Link } from "react-router";
import { usePractices } from "../../store/queries.ts";
import { useNow } from "../../store/use-now.ts";
import { Answer } from "../../ui/answer.tsx";
import { LinkButton } from "../../ui/layout/link-button.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { Evidence, Rail, StageFrame } from "../../ui/layout/stage-frame.tsx";
import { PRACTICE } from "../../words/practice.ts";
import { LESSON_WORDS } from "../../words/practice-names.ts";
import { DAILY, dailyAt, lessonRows, nextLesson } from "./lessons.view.ts";
import { OwnUnit } from "./own-unit.tsx";
import { useBegun } from "./use-session.ts";

const HOUR_S = 3600;

/** The practice bench’s contents: twelve lessons, today’s unit, and one of one’s own. */
export function PracticeScreen() {
  const kept = usePractices();
  const nowMs = useNow(HOUR_S);
  const rows = lessonRows(kept);
  const begun = useBegun(rows.map(({ id }) => id));
  const next = nextLesson(rows);
  const began = rows.some(({ tries }) => tries > 0);
  const today = LESSON_WORDS[dailyAt(nowMs).lesson.id]?.title ?? "";
  return (
    <StageFrame>
      <Evidence>
        <Answer
          question={PRACTICE.question}
          parts={[{ text: next === null ? PRACTICE.allDone : began ? PRACTICE.next(next.title) : PRACTICE.none }]}
          sure={PRACTICE.sure}
          guide="practice-bench"
        />
        {next !== null && (
          <LinkButton to={`/practice/${next.id}`} className="mt-2">
            {PRACTICE.start}: {next.title}
          </LinkButton>
        )}
        <SectionHeading spaced>{PRACTICE.lessons}</SectionHeading>
        <ol>
          {rows.map(({ id, title, story, best, tries }, k) => (
            <li key={id} className="flex items-center justify-between gap-3 border-b border-hair py-2">
              <span className="min-w-0">
                <span className="block font-semibold">
                  {k + 1}. {title}
                </span>
                <span className="block text-body text-ink2">{story}</span>
                <span className="block text-body">
                  {best === null ? PRACTICE.notDone : PRACTICE.doneIn(PRACTICE.minutes(best.seconds), PRACTICE.minutes(best.expertSeconds))}
                  {tries > 0 && `, ${PRACTICE.tries(tries)}`}
                </span>
              </span>
              <Link to={`/practice/${id}`} className="edge inline-flex min-h-[48px] shrink-0 items-center bg-face px-4 font-semibold">
                {(begun[k] ?? 0) > 0 ? PRACTICE.goOn : PRACTICE.start}
                <span className="sr-only">: {title}</span>
              </Link>
            </li>
          ))}
        </ol>
      </Evidence>
      <Rail>
        <SectionHeading>{PRACTICE.daily}</SectionHeading>
        <p className="py-2 text-body">{PRACTICE.dailyStory(today)}</p>
        <LinkButton to={`/practice/${DAILY}`}>
          {PRACTICE.start}
          <span className="sr-only">: {PRACTICE.daily}</span>
        </LinkButton>
        <OwnUnit />
      </Rail>
    </StageFrame>
  );
}
