import { useNavigate } from "react-router";
import type { RigBundle } from "../../store/bundle.ts";
import { Parts } from "../../ui/layout/parts.tsx";
import { DAY } from "../../words/day.ts";
import { DayScreen } from "./day.tsx";
import { TogetherScreen } from "./together.tsx";

const VIEWS = ["together", "day"] as const;

/** What can run on a rig: everything at once, or the day hour by hour. */
export function RigPlanScreen({ bundle, view }: { readonly bundle: RigBundle; readonly view: (typeof VIEWS)[number] }) {
  const navigate = useNavigate();
  const Screen = view === "day" ? DayScreen : TogetherScreen;
  return (
    <Parts
      label={DAY.viewLabel}
      value={view}
      options={VIEWS.map((value) => ({ value, word: DAY.views[value] }))}
      onChange={(next) => void navigate(`/rig/${bundle.rig.id}/${next}`)}
    >
      <Screen bundle={bundle} />
    </Parts>
  );
}
