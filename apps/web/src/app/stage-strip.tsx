import { STAGES, type Stage } from "@amp-saver/records";
import { Popover } from "radix-ui";
import { NavLink, useNavigate } from "react-router";
import type { StageLine } from "../screens/stages.view.ts";
import { useStages } from "../screens/use-stages.ts";
import type { JobBundle } from "../store/queries.ts";
import { useKeys } from "../ui/keys.tsx";
import { COMMON } from "../words/common.ts";
import { STAGE_WORDS, stageStateWords } from "../words/stages.ts";

/** The whole job as a rule along the bottom: ten stages, ticks done, the next one marked, the current one inverted. */
export function StageStrip({ bundle, current }: { readonly bundle: JobBundle; readonly current: Stage }) {
  const { job } = bundle;
  const navigate = useNavigate();
  useKeys(Object.fromEntries(STAGES.map((stage, i) => [String((i + 1) % 10), () => void navigate(`/job/${job.id}/${stage}`)])));
  const index = STAGES.indexOf(current);
  const view = useStages(bundle);
  const lines =
    view?.lines ?? STAGES.map((stage): StageLine => ({ stage, state: job.done.includes(stage) ? "done" : "open", waitsFor: null }));
  const nameOf = (line: StageLine, i: number): string =>
    [`${i + 1} ${STAGE_WORDS[line.stage]}`, stageStateWords(line)].filter((words) => words !== "").join(", ");
  return (
    <nav aria-label={COMMON.stages} className="shrink-0 border-t-[1.5px] border-ink bg-bench">
      <ol className="hidden h-[44px] min-[62.5rem]:flex">
        {lines.map((line, i) => (
          <li key={line.stage} className="relative flex grow basis-0">
            <NavLink
              to={`/job/${job.id}/${line.stage}`}
              className={({ isActive }) =>
                `flex grow items-end justify-between px-1.5 pb-1.5 text-body font-semibold -outline-offset-3 ${isActive ? "bg-ink text-face outline-face" : TONE[line.state]}`
              }
            >
              <span className="whitespace-nowrap">
                <span className="figure">{i + 1}</span> {STAGE_WORDS[line.stage]}
                {stageStateWords(line) !== "" && <span className="sr-only">, {stageStateWords(line)}</span>}
              </span>
              <StageMark state={line.state} />
            </NavLink>
            <Ticks />
          </li>
        ))}
      </ol>
      <Popover.Root>
        <ol className="flex h-[52px] min-[62.5rem]:hidden">
          {lines.map((line, i) => (
            <li key={line.stage} className={`relative flex ${i === index ? "grow-[3]" : "grow max-[20rem]:hidden"} basis-0`}>
              {i === index ? (
                <Popover.Trigger className="figure flex grow items-center gap-2 bg-ink px-3 text-face -outline-offset-3 outline-face">
                  <span>{i + 1}</span> <span className="text-body">{STAGE_WORDS[line.stage]}</span>
                </Popover.Trigger>
              ) : (
                <NavLink
                  to={`/job/${job.id}/${line.stage}`}
                  aria-label={nameOf(line, i)}
                  className={`figure flex grow flex-col items-center justify-end pb-1.5 text-large leading-none -outline-offset-3 ${TONE[line.state]}`}
                >
                  {i + 1}
                  <span className="flex h-[12px] items-center">
                    <StageMark state={line.state} />
                  </span>
                </NavLink>
              )}
              <Ticks />
            </li>
          ))}
        </ol>
        <Popover.Portal>
          <Popover.Content
            side="top"
            sideOffset={2}
            align="start"
            className="z-50 w-screen border-y-[2.4px] border-ink bg-face"
            aria-label={COMMON.stages}
          >
            {lines.map((line, i) => (
              <Popover.Close asChild key={line.stage}>
                <NavLink
                  to={`/job/${job.id}/${line.stage}`}
                  className="flex h-[64px] items-center justify-between border-b border-hair px-4 text-large font-semibold"
                >
                  <span>
                    <span className="figure mr-3">{i + 1}</span>
                    {STAGE_WORDS[line.stage]}
                  </span>
                  <span className="flex items-center gap-2 text-body font-normal text-ink2">
                    {stageStateWords(line)}
                    <StageMark state={line.state} />
                  </span>
                </NavLink>
              </Popover.Close>
            ))}
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
    </nav>
  );
}

/** Stages that are not to be done now stand back. */
const TONE = { done: "", next: "", open: "", waiting: "text-ink2", "not-needed": "text-ink2" } as const;

/** A tick where a stage is done, a pointer at the next one, a dash where none is needed. */
function StageMark({ state }: Pick<StageLine, "state">) {
  if (state === "open" || state === "waiting") return null;
  const path = { done: "m1.5 6 4.5 4.5L14.5 1", next: "m4 1 6 5-6 5", "not-needed": "M3 6h10" }[state];
  return (
    <svg
      viewBox="0 0 16 12"
      width={15}
      height={12}
      fill="none"
      stroke="currentColor"
      strokeWidth="2.4"
      aria-hidden="true"
      className="shrink-0"
    >
      <path d={path} />
    </svg>
  );
}

/** Ticks of the rule over a stage. */
function Ticks() {
  return (
    <svg aria-hidden="true" className="pointer-events-none absolute inset-x-0 top-0 h-[20px] w-full text-ink">
      <line x1="0" x2="0" y1="0" y2="20" stroke="currentColor" strokeWidth="3" />
      {["20%", "40%", "60%", "80%"].map((x) => (
        <line key={x} x1={x} x2={x} y1="0" y2="6" stroke="currentColor" strokeWidth="1.4" />
      ))}
    </svg>
  );
}
