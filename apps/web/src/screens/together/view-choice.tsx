import { useNavigate } from "react-router";
import { Choice } from "../../ui/choice.tsx";
import { DAY } from "../../words/day.ts";

type View = keyof typeof DAY.views;

/** Everything at once, or the day hour by hour. */
export function ViewChoice({ rigId, view }: { readonly rigId: string; readonly view: View }) {
  const navigate = useNavigate();
  return (
    <div className="mt-2 max-w-[320px] print:hidden">
      <Choice<View>
        label={DAY.viewLabel}
        hideLabel
        value={view}
        options={(["together", "day"] as const).map((value) => ({ value, word: DAY.views[value] }))}
        onChange={(next) => void navigate(`/rig/${rigId}/${next}`)}
      />
    </div>
  );
}
