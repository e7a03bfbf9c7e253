import type { FitLog } from "@amp-saver/records";
import { Answer } from "../../ui/answer.tsx";
import { Button } from "../../ui/button.tsx";
import { Choice } from "../../ui/choice.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { Pick } from "../../ui/pick.tsx";
import { OPENING } from "../../words/opening.ts";
import { Asked, type Question } from "../asked.tsx";
import type { SaveFitLog } from "../save-fit-log.ts";
import { OPENING_LISTS, openingOf } from "./fit.view.ts";
import type { FitProps } from "./fit-props.ts";

type Place = (typeof OPENING_LISTS.places)[number];
const MOST = 99;
const UNSEEN = "unseen";

/** Opening the unit: screws counted by place with what hides them, and what is found inside with what to do about it. */
export function OpenPhase({ work, plan, save }: Pick<FitProps, "work" | "plan" | "save">) {
  const { stops, open, list } = openingOf(work, plan);
  const [first] = stops;
  const parts =
    first !== undefined
      ? OPENING.stops(stops.length, OPENING.names[first].toLowerCase())
      : open.length > 0
        ? OPENING.open(open.length)
        : OPENING.well;
  const questions = list.map((what): Question => {
    const state = work.found[what];
    return {
      id: what,
      group: OPENING.findings,
      done: state !== undefined,
      content: (
        <div className="py-1">
          <Choice<string>
            label={OPENING.names[what]}
            value={state ?? UNSEEN}
            options={OPENING_LISTS.states.map((value) => ({ value, word: OPENING.states[value] }))}
            onChange={(value) => void save({}, `found ${what}`, { found: { [what]: value } })}
          />
          {state === "found" && (
            <p className={`py-1 font-semibold ${stops.includes(what) ? "text-lead" : ""}`} aria-live="polite">
              {OPENING.remedy[what]}
            </p>
          )}
        </div>
      ),
    };
  });
  return (
    <div className="mx-auto w-full max-w-[820px] px-4 py-3 min-[62.5rem]:px-6">
      <Answer guide="fit" question={OPENING.question} parts={parts} sure={OPENING.sure} />
      <Asked
        label={OPENING.findings}
        questions={questions}
        rests={[
          {
            open: open.map((what) => ({ id: what, name: OPENING.names[what] })),
            label: OPENING.noneOf,
            onAll: () => void save({}, "found rest", { found: Object.fromEntries(open.map((what) => [what, "none"])) }),
          },
        ]}
      />
      <ScrewsByPlace work={work} save={save} />
    </div>
  );
}

/** Screws out and back in, place by place. */
export function ScrewsByPlace({ work, save }: { readonly work: FitLog; readonly save: SaveFitLog }) {
  const change = (
    place: Place,
    next: (kept: NonNullable<FitLog["screws"][Place]>) => Partial<NonNullable<FitLog["screws"][Place]>>,
  ): void =>
    void save((kept) => {
      const own = kept.screws[place] ?? { out: 0, in: 0, hidden: "nothing" };
      return { screws: { ...kept.screws, [place]: { ...own, ...next(own) } } };
    }, `screws ${place}`);
  const count = (place: Place, which: "out" | "in") => {
    const n = work.screws[place]?.[which] ?? 0;
    const label = `${OPENING.places[place]}, ${OPENING[which]}`;
    const turn = (by: 1 | -1): void => change(place, (own) => ({ [which]: Math.min(MOST, Math.max(0, own[which] + by)) }));
    return (
      <span className="flex items-center gap-2">
        <span className="text-small text-ink2">{OPENING[which]}</span>
        <button
          type="button"
          aria-label={`${label}: one less`}
          disabled={n === 0}
          onClick={() => turn(-1)}
          className="edge min-h-[48px] min-w-[48px] bg-face text-large font-semibold disabled:opacity-60"
        >
          −
        </button>
        <output className="figure w-[28px] text-center text-large">{n}</output>
        <button
          type="button"
          aria-label={`${label}: one more`}
          disabled={n >= MOST}
          onClick={() => turn(1)}
          className="edge min-h-[48px] min-w-[48px] bg-face text-large font-semibold disabled:opacity-60"
        >
          +
        </button>
      </span>
    );
  };
  return (
    <section className="mt-4">
      <SectionHeading>{OPENING.screws}</SectionHeading>
      <p className="py-1 text-small text-ink2">{OPENING.screwsHelp}</p>
      {OPENING_LISTS.places.map((place) => (
        <div key={place} className="border-b border-hair py-1.5">
          <p className="font-semibold">{OPENING.places[place]}</p>
          <div className="flex flex-wrap justify-between gap-2 py-1">
            {count(place, "out")}
            {count(place, "in")}
          </div>
          {(work.screws[place]?.in ?? 0) < (work.screws[place]?.out ?? 0) && (
            <Button className="min-h-[48px]" onClick={() => change(place, (own) => ({ in: own.out }))}>
              {OPENING.allIn(OPENING.places[place], work.screws[place]?.out ?? 0)}
            </Button>
          )}
          {(work.screws[place]?.out ?? 0) > 0 && (
            <Pick
              label={OPENING.hidden(OPENING.places[place])}
              value={work.screws[place]?.hidden ?? "nothing"}
              options={OPENING_LISTS.hiders.map((value) => ({ value, word: OPENING.hiders[value] }))}
              onChange={(hidden) => change(place, () => ({ hidden }))}
            />
          )}
        </div>
      ))}
    </section>
  );
}
