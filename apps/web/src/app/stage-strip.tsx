import { type Job, STAGES, type Stage } from "@amp-saver/records";
import { Popover } from "radix-ui";
import { NavLink, useNavigate } from "react-router";
import { useKeys } from "../ui/keys.tsx";
import { COMMON, STAGE_WORDS } from "../words/common.ts";

/** The whole job as a rule along the bottom: nine stages, ticks done, the current one inverted. */
export function StageStrip({ job, current }: { readonly job: Job; readonly current: Stage }) {
  const navigate = useNavigate();
  useKeys(Object.fromEntries(STAGES.map((stage, i) => [String(i + 1), () => void navigate(`/job/${job.id}/${stage}`)])));
  const index = STAGES.indexOf(current);
  return (
    <nav aria-label={COMMON.stages} className="shrink-0 border-t-[1.5px] border-ink bg-bench">
      <ol className="hidden h-[44px] min-[1000px]:flex">
        {STAGES.map((stage, i) => (
          <li key={stage} className="relative flex grow basis-0">
            <NavLink
              to={`/job/${job.id}/${stage}`}
              className={({ isActive }) =>
                `flex grow items-end justify-between px-3 pb-1.5 text-body font-semibold -outline-offset-3 ${isActive ? "bg-ink text-face outline-face" : ""}`
              }
            >
              <span>
                <span className="figure mr-2">{i + 1}</span>
                {STAGE_WORDS[stage]}
              </span>
              {job.done.includes(stage) && <Tick />}
            </NavLink>
            <Ticks />
          </li>
        ))}
      </ol>
      <Popover.Root>
        <ol className="flex h-[52px] min-[1000px]:hidden">
          {STAGES.map((stage, i) => (
            <li key={stage} className={`relative flex ${i === index ? "grow-[3]" : "grow"} basis-0`}>
              {i === index ? (
                <Popover.Trigger className="figure flex grow items-center gap-2 bg-ink px-3 text-face -outline-offset-3 outline-face">
                  <span>{i + 1}</span> <span className="text-body">{STAGE_WORDS[stage]}</span>
                </Popover.Trigger>
              ) : (
                <NavLink
                  to={`/job/${job.id}/${stage}`}
                  aria-label={`${i + 1} ${STAGE_WORDS[stage]}${job.done.includes(stage) ? `, ${COMMON.done}` : ""}`}
                  className="figure flex grow flex-col items-center justify-end pb-1.5 text-large leading-none -outline-offset-3"
                >
                  {i + 1}
                  {job.done.includes(stage) ? <Tick small /> : <span className="h-[12px]" />}
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
            {STAGES.map((stage, i) => (
              <Popover.Close asChild key={stage}>
                <NavLink
                  to={`/job/${job.id}/${stage}`}
                  className="flex h-[64px] items-center justify-between border-b border-hair px-4 text-large font-semibold"
                >
                  <span>
                    <span className="figure mr-3">{i + 1}</span>
                    {STAGE_WORDS[stage]}
                  </span>
                  {job.done.includes(stage) && <Tick />}
                </NavLink>
              </Popover.Close>
            ))}
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
    </nav>
  );
}

function Tick({ small = false }: { readonly small?: boolean }) {
  return (
    <svg
      viewBox="0 0 16 12"
      width={small ? 14 : 17}
      height={small ? 12 : 13}
      fill="none"
      stroke="currentColor"
      strokeWidth="2.4"
      role="img"
      aria-label={COMMON.done}
    >
      <path d="m1.5 6 4.5 4.5L14.5 1" />
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
