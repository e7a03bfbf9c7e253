import { coolestOf, dayQuestion, rigVolts } from "@amp-saver/cases";
import { figureText, shownAs } from "@amp-saver/core/figure";
import { formatWith } from "@amp-saver/core/quantity";
import type { Load, Rig, Source } from "@amp-saver/records";
import { useMemo, useState } from "react";
import { DayPicture } from "../../chart/day-picture.tsx";
import { useWidth } from "../../chart/use-width.ts";
import type { RigBundle } from "../../store/bundle.ts";
import { editCommit } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import { useSettings } from "../../store/settings.tsx";
import { Answer } from "../../ui/answer.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { Evidence, Rail, StageFrame } from "../../ui/layout/stage-frame.tsx";
import { PictureFrame } from "../../ui/picture-frame.tsx";
import { COMMON } from "../../words/common.ts";
import { DAY, daySentence } from "../../words/day.ts";
import { PICTURES } from "../../words/pictures.ts";
import { useDay } from "../../workers/use-study.ts";
import { BoundedInput } from "../bounded-input.tsx";
import { dayLanes, stretches } from "./day.view.ts";
import { SpellsRow } from "./spells.tsx";

/** A day of the rig, hour by hour: what takes power, what there is, every start, and the bank. */
export function DayScreen({ bundle }: { readonly bundle: RigBundle }) {
  const { rig, units, loads, sources } = bundle;
  const { commit } = useStore();
  const { measure } = useSettings();
  const [frame, width] = useWidth<HTMLDivElement>();
  const [read, setRead] = useState<number | null>(null);
  const question = useMemo(() => dayQuestion(bundle), [bundle]);
  const { answer: day } = useDay(question);
  const names = new Map<string, string>([...units, ...loads].map((r) => [r.id, r.name]));
  const nameOf = (id: string): string => names.get(id) ?? DAY.charging;
  const feedOf = (id: string | null, availableW: number): string | null =>
    sources.find((s) => s.id === id)?.name ?? (availableW > 0 ? DAY.bank : null);
  const short = Object.entries(day?.unservedMin ?? {})
    .map(([id, minutes]) => ({ name: nameOf(id), minutes }))
    .toSorted((a, b) => b.minutes - a.minutes);
  const parts =
    question === null
      ? [{ text: DAY.nothing }]
      : day === undefined
        ? [{ text: COMMON.working }]
        : daySentence({ short, worstMinute: day.worst.minute, spareW: day.worst.availableW - day.worst.askedW });
  const { sourceV } = rigVolts(bundle);
  const air = shownAs("outdoorC", measure);
  const step = day === undefined || read === null ? undefined : day.steps[read];
  const charge = day?.steps[0]?.charge == null ? null : day.steps.map((s) => s.charge ?? 0);
  return (
    <StageFrame>
      <Evidence>
        <Answer guide="together" question={DAY.question(rig.name)} parts={parts} sure={DAY.assumed(measure)} />
        <div ref={frame} className="mt-3 min-w-0">
          {day !== undefined && question !== null && width > 0 && (
            <PictureFrame
              reading={
                step === undefined
                  ? null
                  : DAY.at(step.minute, step.askedW, step.availableW, formatWith(air.fromSi(step.outdoorC), 0, air.unit), step.charge)
              }
              steps={day.steps.length}
              at={read}
              onStep={setRead}
              fileName={PICTURES.fileName(rig.name, "day")}
            >
              <DayPicture
                width={width}
                lanes={dayLanes(day, units).map((lane) => ({
                  id: lane.id,
                  kind: lane.kind,
                  name: nameOf(lane.id),
                  amps: lane.watts.map((w) => w / sourceV),
                  without: stretches(lane.without),
                  note: DAY.noPower(day.unservedMin[lane.id] ?? 0),
                }))}
                feeds={stretches(day.steps.map((s) => feedOf(s.sourceId, s.availableW)))}
                availableA={day.steps.map((s) => s.availableW / sourceV)}
                askedA={day.steps.map((s) => s.askedW / sourceV)}
                charge={charge}
                leastCharge={question.day.bank === null ? 0 : 1 - question.day.bank.depth}
                starts={day.steps.flatMap((s, k) => (s.starts.length > 0 ? [k] : []))}
                label={DAY.pictureLabel}
                words={{ ...DAY.rows, amps: PICTURES.amps, bank: DAY.bank }}
                readStep={read}
                onRead={setRead}
              />
            </PictureFrame>
          )}
        </div>
        {day !== undefined && question !== null && <p className="mt-1 text-small text-ink2">{DAY.legend}</p>}
        {day !== undefined && (
          <ul className="mt-2 text-body">
            <li>{DAY.worst(day.worst.minute, day.worst.askedW, day.worst.availableW)}</li>
            {short.map(({ name, minutes }) => (
              <li key={name} className="font-semibold">
                {DAY.without(name, minutes)}
              </li>
            ))}
            {day.bankEmptyMin > 0 && <li className="font-semibold text-lead">{DAY.bankEmpty(day.bankEmptyMin)}</li>}
            {Object.entries(day.startsById).map(([id, n]) => (
              <li key={id}>{DAY.startCount(nameOf(id), n)}</li>
            ))}
            {day.litres > 0 && <li>{DAY.fuel(figureText("tankL", measure, day.litres))}</li>}
          </ul>
        )}
      </Evidence>
      <Rail>
        <BoundedInput
          name="hottestC"
          value={rig.hottestC.value}
          onChange={(v) => v !== null && void commit(editCommit<Rig>(rig, { hottestC: { ...rig.hottestC, value: v } }, "hottestC"))}
        />
        <BoundedInput
          name="coolestC"
          value={coolestOf(rig)}
          onChange={(v) => v !== null && void commit(editCommit<Rig>(rig, { coolestC: { value: v, from: "guessed" } }, "coolestC"))}
        />
        <SectionHeading spaced>{DAY.sourcesTitle}</SectionHeading>
        <ul>
          {sources
            .filter((s) => s.type !== "inverter")
            .map((source) => (
              <SpellsRow
                key={source.id}
                name={source.name}
                spells={source.hours}
                mayBeAway
                onChange={(become) => void commit(editCommit<Source>(source, ({ hours }) => ({ hours: become(hours ?? []) })))}
              />
            ))}
        </ul>
        <SectionHeading spaced>{DAY.loadsTitle}</SectionHeading>
        <ul>
          {loads
            .filter((l) => l.on)
            .map((load) => (
              <SpellsRow
                key={load.id}
                name={load.name}
                spells={load.spells}
                onChange={(become) => void commit(editCommit<Load>(load, ({ spells }) => ({ spells: become(spells ?? []) })))}
              />
            ))}
        </ul>
      </Rail>
    </StageFrame>
  );
}
