import type { MountingOpen } from "@amp-saver/core/study/mounting";
import { type FitLog, TEXT_MOST } from "@amp-saver/records";
import type { Fields } from "../../store/commands.ts";
import { useSettings } from "../../store/settings.tsx";
import { Answer } from "../../ui/answer.tsx";
import { Choice } from "../../ui/choice.tsx";
import { Pick } from "../../ui/pick.tsx";
import { TextField } from "../../ui/text-field.tsx";
import { Tick } from "../../ui/tick.tsx";
import { ASKED } from "../../words/asked.ts";
import { FIT } from "../../words/fit.ts";
import { Asked, type Question } from "../asked.tsx";
import { BoundedInput } from "../bounded-input.tsx";
import { mountingList, mountingOf } from "./fit.view.ts";
import type { FitProps } from "./fit-props.ts";

type Mounting = FitLog["mounting"];

const ORIENTATIONS = ["upright", "leads-down", "sideways", "upside-down", "flat"] as const;

/** Where and how the starter is mounted: go, no-go with reasons, or what is left to look at. */
export function MountPhase({ bundle, work, save }: FitProps) {
  const sheet = bundle.starters.find((s) => s.id === bundle.job.starterId)?.mounting;
  const { mounting } = work;
  const { measure } = useSettings();
  const { against, open } = mountingOf(work);
  const set = (change: Fields<Mounting>, field: string): void => void save({}, `mounting ${field}`, { mounting: change });
  const isOpen = (what: MountingOpen): boolean => open.includes(what);
  const tape = mounting.fastening === "tape";
  const asked = (id: string, content: React.ReactNode, done = true): Question => ({ id, done, content });
  const questions: readonly Question[] = [
    asked(
      "orientation",
      <Choice<(typeof ORIENTATIONS)[number] | "">
        label={FIT.orientation}
        value={mounting.orientation ?? ""}
        options={ORIENTATIONS.map((value) => ({ value, word: FIT.orientations[value] }))}
        onChange={(value) => value !== "" && set({ orientation: value }, "orientation")}
      />,
      !isOpen("orientation"),
    ),
    asked(
      "fastening",
      <Pick
        label={FIT.fastening}
        value={mounting.fastening}
        options={(["tape", "screws", "both"] as const).map((value) => ({ value, word: FIT.fastenings[value] }))}
        onChange={(fastening) => set({ fastening }, "fastening")}
      />,
    ),
    asked(
      "surface",
      <Pick
        label={FIT.surface}
        value={mounting.surface}
        options={(["clean-metal", "painted", "plastic", "foam", "dirty"] as const).map((value) => ({ value, word: FIT.surfaces[value] }))}
        onChange={(surface) => set({ surface }, "surface")}
      />,
    ),
    asked("roofC", <BoundedInput name="roofC" value={mounting.roofC} onChange={(roofC) => roofC !== null && set({ roofC }, "roofC")} />),
    ...(tape
      ? []
      : [
          asked(
            "screwM",
            <BoundedInput name="screwM" value={mounting.screwM} onChange={(screwM) => screwM !== null && set({ screwM }, "screwM")} />,
          ),
          asked(
            "gapM",
            <BoundedInput name="gapM" value={mounting.gapM} optional onChange={(gapM) => set({ gapM }, "gapM")} />,
            !isOpen("behind"),
          ),
        ]),
    asked("leadM", <BoundedInput name="leadM" value={mounting.leadM} onChange={(leadM) => leadM !== null && set({ leadM }, "leadM")} />),
    asked("routeM", <BoundedInput name="routeM" value={mounting.wayM} onChange={(wayM) => wayM !== null && set({ wayM }, "wayM")} />),
    {
      id: "second",
      done: mounting.secondRestraint || !isOpen("second-restraint"),
      tick: {
        label: FIT.second,
        ticked: mounting.secondRestraint,
        onChange: (secondRestraint) => set({ secondRestraint }, "secondRestraint"),
      },
    },
    ...(bundle.rig.place === "house"
      ? [
          {
            id: "outside",
            done: true,
            tick: {
              label: FIT.outside,
              help: FIT.outsideHelp,
              ticked: mounting.outside === true,
              onChange: (outside: boolean) => set({ outside: outside ? true : undefined }, "outside"),
            },
          },
        ]
      : []),
    ...mountingList(mounting.outside === true).map((check) => ({
      id: check,
      done: mounting.clear[check] === true,
      tick: { label: FIT.checks[check], onChange: (yes: boolean) => set({ clear: { [check]: yes } }, check) },
    })),
  ];
  const unseen = mountingList(mounting.outside === true).filter((check) => mounting.clear[check] !== true);
  return (
    <div className="mx-auto w-full max-w-[820px] px-4 py-3 min-[62.5rem]:px-6">
      <Answer guide="fit" question={FIT.mountAsk} parts={FIT.mountAnswer(against.length, open)} sure={FIT.source} />
      {sheet !== undefined && sheet !== "" && <p className="mt-2 border-l-[3px] border-ink pl-2 font-semibold">{FIT.sheetSays(sheet)}</p>}
      <ul className="mt-2">
        {against.map((reason) => (
          <li key={reason} className="border-b border-hair py-1.5 font-semibold text-lead">
            {FIT.reasons[reason](measure)}
          </li>
        ))}
      </ul>
      {against.length > 0 && (
        <TextField
          label={FIT.mountReason}
          kept={work.mountReason}
          most={TEXT_MOST.note}
          onText={(mountReason) => {
            save({ mountReason }, "mountReason");
            return null;
          }}
        />
      )}
      <Asked
        label={FIT.phases.mount}
        questions={questions}
        rests={[
          {
            open: unseen.map((check) => ({ id: check, name: FIT.checks[check] })),
            label: ASKED.allSo,
            onAll: () => set({ clear: Object.fromEntries(unseen.map((check) => [check, true])) }, "checks"),
          },
        ]}
      />
      <Tick label={FIT.mountFirst} ticked={work.mountFirst} onChange={(mountFirst) => save({ mountFirst }, "mountFirst")} />
      <Tick label={FIT.fixLast} ticked={work.fixLast !== false} onChange={(fixLast) => save({ fixLast }, "fixLast")} />
    </div>
  );
}
