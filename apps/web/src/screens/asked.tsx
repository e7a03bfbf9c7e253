import { useEffect, useRef, useState } from "react";
import { useSettings } from "../store/settings.tsx";
import { SectionHeading } from "../ui/layout/section-heading.tsx";
import { RoofButton } from "../ui/roof-button.tsx";
import { Tick } from "../ui/tick.tsx";
import { useWide } from "../ui/use-wide.ts";
import { ASKED } from "../words/asked.ts";

/** One thing that is asked, and whether it is answered. */
export interface Question {
  readonly id: string;
  readonly done: boolean;
  /** What it belongs to, as a heading over those that follow one another. */
  readonly group?: string;
  /** What is said once, before the first of its group in a list, and with each of them where one is asked at a time. */
  readonly intro?: React.ReactNode;
  /** A yes or no; absent where the content asks by itself. */
  readonly tick?: { readonly label: string; readonly help?: string; readonly ticked?: boolean; readonly onChange: (yes: boolean) => void };
  /** Asked by a field, a list or a choice. */
  readonly content?: React.ReactNode;
}

/** Several of the questions answered at once, each of them named where that is done. */
export interface RestOfThem {
  /** Questions that are still open and would be answered alike, with what each is about. */
  readonly open: readonly { readonly id: string; readonly name: string }[];
  readonly label: (count: number) => string;
  readonly onAll: () => void;
}

interface AskedProps {
  /** What is asked about, for who cannot see it. */
  readonly label: string;
  readonly questions: readonly Question[];
  /** What follows once everything is answered; in a list it stands below. */
  readonly end?: React.ReactNode;
  readonly rests?: readonly RestOfThem[];
}

/** Questions in a list at the desk; on a phone one at a time, with big answers, a way back and a count. */
export function Asked(props: AskedProps) {
  const wide = useWide();
  const { asking, change } = useSettings();
  if (wide) return <List {...props} />;
  const turn = asking === "list" ? "one" : "list";
  return (
    <>
      {asking === "list" ? <List {...props} /> : <OneByOne {...props} />}
      <button
        type="button"
        onClick={() => change({ asking: turn })}
        className="mt-2 flex min-h-[48px] items-center underline underline-offset-4"
      >
        {ASKED.turn[turn]}
      </button>
    </>
  );
}

/** Whether the one before belongs to another group. */
const begins = (questions: readonly Question[], k: number): boolean => k === 0 || questions[k - 1]?.group !== questions[k]?.group;

function List({ label, questions, end }: AskedProps) {
  return (
    <section aria-label={label}>
      {questions.map((question, k) => (
        <div key={question.id}>
          {question.group !== undefined && begins(questions, k) && (
            <>
              <SectionHeading spaced>{question.group}</SectionHeading>
              {question.intro}
            </>
          )}
          {question.tick === undefined ? question.content : <Tick ticked={question.done} {...question.tick} />}
        </div>
      ))}
      {end}
    </section>
  );
}

function OneByOne({ label, questions, end, rests = [] }: AskedProps) {
  const [at, setAt] = useState<string | null>(null);
  const frame = useRef<HTMLElement>(null);
  const open = questions.findIndex((q) => !q.done);
  const chosen = at === null ? -1 : questions.findIndex((q) => q.id === at);
  const k = chosen >= 0 ? chosen : open;
  const question = questions[k];
  /** Whether one is typing: what is being typed in stays until one goes on, however good the figure is by then. */
  const typing = useRef(false);
  const seen = useRef<{ readonly id: string; readonly done: boolean } | null>(null);
  /** Whether the one that comes is gone to, rather than found on the screen: a figure may then be typed at once. */
  const gone = useRef(false);
  const go = (id: string | null): void => {
    typing.current = false;
    gone.current = true;
    setAt(id);
    frame.current?.focus({ preventScroll: true });
  };
  /** The next that is not answered, this one taken as answered; the end where there is none. */
  const onward = (): void => {
    const rest = [...questions.slice(k + 1), ...questions.slice(0, k)];
    go(rest.find((q) => !q.done)?.id ?? null);
  };
  const ahead = useRef(onward);
  ahead.current = onward;
  const others = rests.find(({ open: those }) => those.some((o) => o.id === question?.id));
  const alike = others !== undefined && others.open.length > 1;
  const [id, done] = [question?.id ?? null, question?.done === true];
  useEffect(() => {
    const answered = seen.current?.id === id && !seen.current.done && done;
    // With none chosen the next open one comes by itself once this one is answered: that is going on, too.
    if (seen.current !== null && seen.current.id !== id) gone.current = true;
    seen.current = id === null ? null : { id, done };
    if (answered && !typing.current) ahead.current();
  }, [id, done]);
  useEffect(() => {
    if (!gone.current || id === null) return;
    gone.current = false;
    // The next question begins where one looks, with its answers above the keypad and the way back.
    frame.current?.scrollIntoView({ block: "start" });
    frame.current?.querySelector<HTMLInputElement>('.one-question input[type="text"]')?.focus();
  }, [id]);
  return (
    <section ref={frame} tabIndex={-1} aria-label={label} className="mt-3 border-t-[1.5px] border-ink outline-offset-[-3px]">
      {question === undefined ? (
        end
      ) : (
        // biome-ignore lint/a11y/noStaticElementInteractions: what is typed in the field inside passes through here
        <div
          onFocusCapture={(event) => {
            if (event.target instanceof HTMLInputElement) setAt(question.id);
          }}
          onInputCapture={(event) => {
            if (event.target instanceof HTMLInputElement) typing.current = true;
          }}
          onClickCapture={(event) => {
            // What is confirmed by a button of its own is typed no more.
            if (event.target instanceof Element && event.target.closest("[data-confirms]") !== null) typing.current = false;
          }}
          onKeyDown={(event) => {
            if (event.key !== "Enter" || !(event.target instanceof HTMLInputElement)) return;
            event.preventDefault();
            // What was just typed may still be on its way: it goes on once that is kept and good.
            typing.current = false;
            if (question.done) onward();
          }}
        >
          <p className="flex justify-between py-2 text-body text-ink2" aria-live="polite">
            <span>{question.group ?? label}</span>
            <span className="figure">{ASKED.count(k + 1, questions.length)}</span>
          </p>
          {question.intro}
          <div className={alike ? "sideways:grid sideways:grid-cols-2 gap-4" : ""}>
            <OneQuestion key={question.id} question={question} onward={onward} />
            {others !== undefined && alike && <Rest {...others} />}
          </div>
          <div className="sticky bottom-0 flex gap-2 bg-face py-2">
            <RoofButton disabled={k === 0} onClick={() => go(questions[k - 1]?.id ?? null)}>
              {ASKED.back}
            </RoofButton>
            <RoofButton onClick={() => (question.done ? onward() : go(questions[k + 1]?.id ?? null))}>
              {question.done ? ASKED.next : ASKED.later}
            </RoofButton>
          </div>
        </div>
      )}
      {question === undefined && questions.length > 0 && (
        <button
          type="button"
          onClick={() => go(questions.at(-1)?.id ?? null)}
          className="flex min-h-[48px] items-center underline underline-offset-4"
        >
          {ASKED.look}
        </button>
      )}
    </section>
  );
}

/** The others that are open, by name, and one answer for them all. */
function Rest({ open, label, onAll }: RestOfThem) {
  return (
    <div className="mt-3 flex flex-col gap-2 border-t border-hair pt-2 sideways:mt-0 sideways:flex-col-reverse sideways:justify-end">
      <ul className="text-body text-ink2">
        {open.map(({ id, name }) => (
          <li key={id}>{name}</li>
        ))}
      </ul>
      <RoofButton onClick={onAll}>{label(open.length)}</RoofButton>
    </div>
  );
}

function OneQuestion({ question, onward }: { readonly question: Question; readonly onward: () => void }) {
  const { tick } = question;
  if (tick === undefined) return <div className="one-question">{question.content}</div>;
  return (
    <fieldset>
      <legend className="py-2 text-large font-semibold">{tick.label}</legend>
      {tick.help !== undefined && <p className="pb-2 text-ink2">{tick.help}</p>}
      <RoofButton
        main
        onClick={() => {
          tick.onChange(true);
          onward();
        }}
      >
        {ASKED.yes}
      </RoofButton>
      {(tick.ticked ?? question.done) && <RoofButton onClick={() => tick.onChange(false)}>{ASKED.takeBack}</RoofButton>}
    </fieldset>
  );
}
