import { type ShownAs, shownAs } from "@amp-saver/core/figure";
import { formatAmps, formatWith } from "@amp-saver/core/quantity";
import { Link } from "react-router";
import { useSettings } from "../../store/settings.tsx";
import { Provenance } from "../../ui/provenance.tsx";
import { RuleSlider } from "../../ui/rule-slider.tsx";
import { CHECK } from "../../words/check.ts";
import { USUAL_OTHER_LOADS_A } from "../usual.ts";
import type { ControlProps } from "./control-props.ts";

const OUTDOOR = { us: { min: 50, max: 125 }, si: { min: 10, max: 52 } } as const;
const ALTITUDE = { us: { min: 0, max: 12000, step: 100 }, si: { min: 0, max: 3660, step: 20 } } as const;
const MOST_LOADS_A = 30;
const TYPICAL_LOADS_A = USUAL_OTHER_LOADS_A;

/** Other loads running beside the unit. */
export function LoadsControl({ bundle: { job, rig }, question: { conditions, drag, keep } }: ControlProps) {
  return (
    <RuleSlider
      label={CHECK.loads}
      inputId="loads"
      min={0}
      max={MOST_LOADS_A}
      step={0.1}
      value={conditions.otherLoadsA ?? TYPICAL_LOADS_A}
      text={formatAmps(conditions.otherLoadsA ?? TYPICAL_LOADS_A)}
      figureExtra={
        <>
          {conditions.otherLoadsA === null ? (
            <Provenance from="typical" />
          ) : (
            <Reset word={CHECK.loadsBack} onClick={() => keep({ otherLoadsA: null })} />
          )}
          <Link
            to={`/rig/${rig.id}/together`}
            state={{ from: `/job/${job.id}/check` }}
            className="text-small underline underline-offset-3 pointer-coarse:py-3"
          >
            {CHECK.fromList}
          </Link>
        </>
      }
      onChange={(value) => drag({ otherLoadsA: value })}
      onCommit={(value) => keep({ otherLoadsA: value }, "otherLoadsA")}
    />
  );
}

/** Outdoor air, with the stretch hatched in which the answer is no. */
export function OutdoorControl({ bundle: { job, rig }, question: { conditions, drag, keep }, turn }: ControlProps) {
  const { measure } = useSettings();
  const shown = shownAs("outdoorC", measure);
  return (
    <RuleSlider
      label={CHECK.outdoor}
      inputId="outdoor"
      {...OUTDOOR[measure]}
      step={1}
      value={Math.round(shown.fromSi(conditions.outdoorC))}
      text={text(shown, conditions.outdoorC)}
      wall={wall(shown, turn?.outdoorC)}
      figureExtra={
        job.outdoorC === null ? <Provenance from={rig.hottestC.from} word /> : <Reset onClick={() => keep({ outdoorC: null })} />
      }
      onChange={(value) => drag({ outdoorC: shown.toSi(value) })}
      onCommit={(value) => keep({ outdoorC: shown.toSi(value) }, "outdoorC")}
    />
  );
}

/** Altitude, which only engines feel. */
export function AltitudeControl({ bundle: { job, rig }, question: { conditions, drag, keep }, turn }: ControlProps) {
  const { measure } = useSettings();
  const shown = shownAs("altitudeM", measure);
  return (
    <RuleSlider
      label={CHECK.altitude}
      inputId="altitude"
      {...ALTITUDE[measure]}
      value={Math.round(shown.fromSi(conditions.altitudeM))}
      text={text(shown, conditions.altitudeM)}
      wall={wall(shown, turn?.altitudeM)}
      figureExtra={
        job.altitudeM === null ? <Provenance from={rig.altitudeM.from} word /> : <Reset onClick={() => keep({ altitudeM: null })} />
      }
      onChange={(value) => drag({ altitudeM: shown.toSi(value) })}
      onCommit={(value) => keep({ altitudeM: shown.toSi(value) }, "altitudeM")}
    />
  );
}

function text(shown: ShownAs, value: number): string {
  return formatWith(shown.fromSi(value), 0, shown.unit);
}

function wall(shown: ShownAs, value: number | null | undefined): { readonly at: number; readonly text: string } | null {
  return value == null ? null : { at: shown.fromSi(value), text: text(shown, value) };
}

function Reset({ word = CHECK.back, onClick }: { readonly word?: string; readonly onClick: () => void }) {
  return (
    <button type="button" onClick={onClick} className="text-small underline underline-offset-3 pointer-coarse:min-h-[44px]">
      {word}
    </button>
  );
}
