import { useEffect, useRef } from "react";
import { Button } from "../../ui/button.tsx";
import { COMMON } from "../../words/common.ts";
import { PLAN } from "../../words/wiring-plan.ts";
import type { WordedStep } from "./worded-steps.ts";

interface StepListProps {
  readonly steps: readonly WordedStep[];
  readonly at: number;
  readonly onAt: (at: number) => void;
}

/** The steps in order, the one on the map inverted. */
export function StepList({ steps, at, onAt }: StepListProps) {
  const list = useRef<HTMLOListElement>(null);
  useEffect(() => {
    const item = list.current?.children[at];
    const box = list.current;
    if (!(item instanceof HTMLElement) || box === null) return;
    if (item.offsetTop < box.scrollTop || item.offsetTop + item.offsetHeight > box.scrollTop + box.clientHeight)
      box.scrollTop = item.offsetTop - 40;
  }, [at]);
  return (
    <section>
      <div className="flex items-center justify-between border-b-[1.5px] border-ink pb-1">
        <h2 className="font-bold">{PLAN.steps}</h2>
        <span className="text-small text-ink2">{PLAN.stepOf(at + 1, steps.length)}</span>
      </div>
      <ol ref={list} className="relative -mx-2 max-h-[330px] overflow-y-auto">
        {steps.map(({ id, sentence, not, unproved, done }, k) => (
          <li key={id} className="border-b border-hair">
            <button
              type="button"
              aria-current={k === at ? "step" : undefined}
              onClick={() => onAt(k)}
              className={`flex w-full items-baseline gap-3 px-2 py-1.5 text-left text-body leading-[1.25] pointer-coarse:min-h-[48px] ${k === at ? "bg-ink text-face" : ""}`}
            >
              <span className="figure w-[22px] shrink-0">{k + 1}</span>
              {done === true && <span className="sr-only">{COMMON.done}</span>}
              <span>
                <span className={done === true ? "line-through" : ""}>{sentence}</span>{" "}
                {k === at && not !== null && <b className="block">{not}</b>}
                {unproved === true && <b className="block">{PLAN.unproved}</b>}
              </span>
            </button>
          </li>
        ))}
      </ol>
      <div className="flex gap-2 py-2">
        <Button className="grow" disabled={at === 0} onClick={() => onAt(at - 1)}>
          {PLAN.before}
        </Button>
        <Button className="grow" look="primary" disabled={at >= steps.length - 1} onClick={() => onAt(at + 1)}>
          {PLAN.next}
        </Button>
      </div>
    </section>
  );
}
