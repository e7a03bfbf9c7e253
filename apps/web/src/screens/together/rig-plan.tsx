import { Link, useLocation, useNavigate } from "react-router";
import type { RigBundle } from "../../store/bundle.ts";
import { Parts } from "../../ui/layout/parts.tsx";
import { DAY } from "../../words/day.ts";
import { TOGETHER } from "../../words/together.ts";
import { cameFrom } from "../came-from.ts";
import { DayScreen } from "./day.tsx";
import { RoofWorkScreen } from "./roof.tsx";
import { TogetherScreen } from "./together.tsx";

const VIEWS = ["together", "day", "work"] as const;
const SCREENS = { together: TogetherScreen, day: DayScreen, work: RoofWorkScreen } as const;

/** What can run on a rig: everything at once, the day hour by hour, or the work on all its units. */
export function RigPlanScreen({ bundle, view }: { readonly bundle: RigBundle; readonly view: (typeof VIEWS)[number] }) {
  const navigate = useNavigate();
  const { state } = useLocation();
  const from = cameFrom(state) ?? (bundle.jobs[0] === undefined ? null : `/job/${bundle.jobs[0].id}/check`);
  const Screen = SCREENS[view];
  return (
    <Parts
      label={DAY.viewLabel}
      value={view}
      options={VIEWS.map((value) => ({ value, word: DAY.views[value] }))}
      onChange={(next) => void navigate(`/rig/${bundle.rig.id}/${next}`, { state, replace: true })}
      extra={
        from !== null && (
          <Link to={from} className="inline-flex min-h-[48px] items-center underline underline-offset-4">
            {TOGETHER.back}
          </Link>
        )
      }
    >
      <Screen bundle={bundle} />
    </Parts>
  );
}
