import { figureText } from "@amp-saver/core/figure";
import type { Terminal } from "@amp-saver/core/network";
import { formatSeconds, formatVolts, formatWith } from "@amp-saver/core/quantity";
import type { Printed } from "@amp-saver/core/study/isolation";
import { CAPACITOR_VOLTS, ISOLATION_PARAMS } from "@amp-saver/core/study/isolation/params";
import type { FitLog } from "@amp-saver/records";
import { nowIso } from "../../store/identity.ts";
import { OpenFigure } from "../../ui/open-figure.tsx";
import { Pick } from "../../ui/pick.tsx";
import { RoofButton } from "../../ui/roof-button.tsx";
import { OPENED } from "../../words/explain.ts";
import { ISOLATE } from "../../words/isolate.ts";
import type { Question } from "../asked.tsx";
import { BoundedInput } from "../bounded-input.tsx";
import type { SaveFitLog } from "../save-fit-log.ts";
import { againIn, type IsolationView, openQuestions } from "./isolate.view.ts";
import { VoltsField } from "./volts-field.tsx";

const UNREAD = { first: null, firstAt: null, second: null } as const;

/** Every capacitor of the circuit, as questions: bled and read, then read again half a minute later. */
export function capacitorQuestions(
  view: IsolationView,
  work: FitLog,
  nameOf: (id: string) => string,
  placeOf: (at: Terminal) => string,
  now: number,
  save: SaveFitLog,
  print: (id: string, printed: Partial<Printed>) => void,
): readonly Question[] {
  const open = openQuestions(view);
  const intro = <p className="py-1 text-body">{ISOLATE.capacitorsHelp}</p>;
  const of = (again: boolean) =>
    view.capacitors.flatMap(({ id, kind, bleed, farad, printedV, voltsRead, faradRead, sealed, readAt }): readonly Question[] => {
      const kept = work.capacitors[id] ?? UNREAD;
      const set = (change: Partial<typeof kept>): void =>
        void save({}, `capacitor ${id}`, { capacitors: { [id]: change } }, { capacitors: { [id]: UNREAD } });
      const wait = againIn(kept.firstAt, now);
      const name = nameOf(id);
      if (!again)
        return [
          {
            id: `bleed ${id}`,
            group: ISOLATE.capacitors,
            intro,
            done: !open.has(`first-discharge ${id}`),
            content: (
              <div className="border-l-[3px] border-ink pl-2">
                <p className="pt-1">
                  <b>{name}.</b> {ISOLATE.bleedFor(bleed.fromV, bleed.seconds, bleed.overRatingS)}{" "}
                  {!voltsRead && ISOLATE.voltsAssumed(printedV)}{" "}
                  {sealed && (readAt === null ? ISOLATE.bleedFarEnds : ISOLATE.bleedSealed(placeOf(readAt[0]), placeOf(readAt[1])))}
                </p>
                <VoltsField
                  label={ISOLATE.first(name)}
                  value={kept.first}
                  onVolts={(first) => set({ first, firstAt: first === null ? null : nowIso(), second: null })}
                />
                {kept.first === null && (
                  <RoofButton onClick={() => set({ first: 0, firstAt: nowIso(), second: null })}>{ISOLATE.showsZero}</RoofButton>
                )}
                {!id.includes(" ") && (
                  <Pick
                    label={ISOLATE.printedVolts(name)}
                    value={voltsRead ? String(printedV) : ""}
                    options={["", ...CAPACITOR_VOLTS.map(String)].map((value) => ({
                      value,
                      word: value === "" ? ISOLATE.notRead : `${value} V`,
                    }))}
                    onChange={(value) => print(id, { volts: value === "" ? null : Number(value) })}
                  />
                )}
                {kind === "fan" && (
                  <BoundedInput
                    name="runCapacitorF"
                    label={ISOLATE.printedFarad(name)}
                    help={id.includes(" ") ? ISOLATE.smallerFarad : ISOLATE.ownFarad}
                    value={faradRead ? farad : null}
                    optional
                    onChange={(value) => print(id, { farad: value })}
                  />
                )}
                <OpenFigure
                  name={OPENED.bleed}
                  value={formatSeconds(bleed.seconds)}
                  formula={OPENED.bleedFormula(formatVolts(ISOLATION_PARAMS.dischargedV.value))}
                  inputs={[
                    { text: OPENED.bleedInputs.farad(figureText("runCapacitorF", "us", farad)), origin: faradRead ? "plate" : "typical" },
                    { text: OPENED.bleedInputs.volts(formatVolts(printedV)), origin: voltsRead ? "plate" : "typical" },
                    {
                      text: OPENED.bleedInputs.ohm(formatWith(ISOLATION_PARAMS.bleederOhm.value, 0, "ohm")),
                      origin: "typical",
                      source: ISOLATION_PARAMS.bleederOhm.source,
                    },
                  ]}
                />
              </div>
            ),
          },
        ];
      return [
        {
          id: `again ${id}`,
          group: ISOLATE.capacitorsAgain,
          done: !open.has(`second-discharge ${id}`),
          content:
            kept.first === null ? (
              <p className="border-b border-hair py-2 text-ink2">{ISOLATE.bleedFirst(name)}</p>
            ) : wait > 0 ? (
              <p className="figure py-2" role="timer">
                {name}: {ISOLATE.again(wait)}
              </p>
            ) : (
              <>
                <VoltsField label={ISOLATE.second(name)} value={kept.second} onVolts={(second) => set({ second })} />
                {kept.second === null && <RoofButton onClick={() => set({ second: 0 })}>{ISOLATE.showsZero}</RoofButton>}
              </>
            ),
        },
      ];
    });
  return [...of(false), ...of(true)];
}
