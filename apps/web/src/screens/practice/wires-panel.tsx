import { FAMILIES, type Family, nameOn, partOf, type Terminal } from "@amp-saver/core/network";
import type { ClampMode, PracticeAct, PracticeStep, ShownBench } from "@amp-saver/core/study/practice";
import { useState } from "react";
import { Button } from "../../ui/button.tsx";
import { Choice } from "../../ui/choice.tsx";
import { Fold } from "../../ui/fold.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { Pick } from "../../ui/pick.tsx";
import { PRACTICE } from "../../words/practice.ts";
import { shownText } from "../../words/practice-acts.ts";
import { CLAMP_WORDS } from "../../words/practice-names.ts";
import { BLEED_S, type benchNames, CLAMP_MODES } from "./bench.view.ts";
import type { Hands } from "./use-hands.ts";

interface WiresPanelProps {
  readonly shown: ShownBench;
  readonly names: ReturnType<typeof benchNames>;
  readonly act: (act: PracticeAct) => void;
  readonly hands: Hands;
  readonly points: readonly Terminal[];
  readonly clampReading: PracticeStep | null;
}

const NONE = "";

/** One wire at a time, the clamp, and the capacitors. */
export function WiresPanel({ shown, names, act, hands, points, clampReading }: WiresPanelProps) {
  const { picked, pick, mode, setMode } = hands;
  const wires = shown.netlist.conductors;
  const options = [{ value: NONE, word: PRACTICE.noWire }, ...wires.map(({ id }) => ({ value: id, word: names.wire(id) }))];
  return (
    <div className="grid gap-3">
      <section>
        {shown.diagram != null && <p className="pb-2 text-body">{PRACTICE.diagram(shown.diagram)}</p>}
        <p className="text-body">{PRACTICE.pickWire}</p>
        <Pick label={PRACTICE.wire} value={picked ?? NONE} options={options} onChange={(id) => pick(id === NONE ? null : id)} />
        {picked !== null && <OneWire key={picked} id={picked} shown={shown} names={names} act={act} points={points} mode={mode} />}
      </section>
      <section>
        <Choice
          label={PRACTICE.clampMode}
          value={mode}
          options={CLAMP_MODES.map((value) => ({ value, word: CLAMP_WORDS[value] }))}
          onChange={setMode}
        />
        <p className="text-body">
          {shown.clamp === null ? PRACTICE.clampNone : PRACTICE.clampOn(names.wire(shown.clamp.conductor), CLAMP_WORDS[shown.clamp.mode])}
        </p>
        {shown.clamp !== null && (
          <p className="figure text-answer font-semibold" role="status">
            {shownText(clampReading)}
          </p>
        )}
        <Button disabled={shown.clamp === null} onClick={() => act({ act: "read" })}>
          {PRACTICE.readClamp}
        </Button>
      </section>
      <section>
        <SectionHeading>{PRACTICE.capacitors}</SectionHeading>
        {shown.open.includes("box") ? (
          shown.capacitors.map(({ part, a, b, readAt }) => (
            <div key={`${a} ${b}`} className="border-b border-hair py-1.5">
              <p className="text-body">
                {names.place(a)} – {names.place(b)}
              </p>
              {readAt !== null && <p className="text-body">{PRACTICE.sealedAt(names.terminal(readAt[0]), names.terminal(readAt[1]))}</p>}
              <div className="flex flex-wrap gap-2 pt-1">
                <Button onClick={() => act({ act: "bleed", part, from: nameOn(a), to: nameOn(b), seconds: BLEED_S })}>
                  {PRACTICE.bleed(BLEED_S)}
                </Button>
                <Button look="quiet" onClick={() => act({ act: "short", part, from: nameOn(a), to: nameOn(b) })}>
                  {PRACTICE.short}
                </Button>
              </div>
            </div>
          ))
        ) : (
          <p className="text-body">{PRACTICE.closedBox}</p>
        )}
      </section>
      {!shown.whole.parts.some((p) => p.kind === "starter") && <FitStarter act={act} />}
    </div>
  );
}

type OneWireProps = Some<WiresPanelProps, "shown" | "names" | "act" | "points"> & { readonly id: string; readonly mode: ClampMode };
type Some<T, K extends keyof T> = { readonly [P in K]: T[P] };

/** What can be done to the wire that is picked. */
function OneWire({ id, shown, names, act, points, mode }: OneWireProps) {
  const [to, setTo] = useState(NONE);
  const [other, setOther] = useState(NONE);
  const wire = shown.netlist.conductors.find((c) => c.id === id);
  if (wire === undefined) return null;
  const real = (place: Terminal): Terminal => shown.realOf[place] ?? place;
  const ends = wire.ends.filter((e) => e !== null);
  const free = wire.ends.includes(null);
  const others = shown.netlist.conductors.filter((c) => c.id !== id && c.ends.includes(null));
  return (
    <div className="grid gap-2 py-2">
      {ends.map((place) => (
        <div key={place} className="flex flex-wrap gap-2">
          <Button onClick={() => act({ act: "lift", conductor: id, at: real(place) })}>{PRACTICE.lift(names.place(place))}</Button>
          <Button onClick={() => act({ act: "tug", conductor: id, at: real(place) })}>{PRACTICE.tug(names.place(place))}</Button>
          <Button look="quiet" onClick={() => act({ act: "cut", conductor: id, at: real(place), with: `${id}/2` })}>
            {PRACTICE.cut(names.place(place))}
          </Button>
        </div>
      ))}
      <div>
        <Button onClick={() => act({ act: "clamp", conductor: id, mode })}>{PRACTICE.clampHere}</Button>
      </div>
      {free && (
        <div>
          <Pick
            label={PRACTICE.landFree}
            value={to}
            options={[
              { value: NONE, word: PRACTICE.nowhere },
              ...points.filter((p) => partOf(p) !== "proving").map((at) => ({ value: at, word: names.place(at) })),
            ]}
            onChange={setTo}
          />
          <Button disabled={to === NONE} onClick={() => act({ act: "land", conductor: id, at: real(to) })}>
            {PRACTICE.land}
          </Button>
          {others.length > 0 && (
            <>
              <Pick
                label={PRACTICE.splice}
                value={other}
                options={[{ value: NONE, word: PRACTICE.noWire }, ...others.map((c) => ({ value: c.id, word: names.wire(c.id) }))]}
                onChange={setOther}
              />
              <Button disabled={other === NONE} onClick={() => act({ act: "splice", conductor: id, at: `joint-${id}.J`, with: other })}>
                {PRACTICE.spliceNow}
              </Button>
            </>
          )}
        </div>
      )}
    </div>
  );
}

/** A soft starter to be mounted, its leads free. */
function FitStarter({ act }: Some<WiresPanelProps, "act">) {
  const [family, setFamily] = useState<Family>("F4");
  return (
    <Fold label={PRACTICE.fit}>
      <Choice
        label={PRACTICE.fit}
        hideLabel
        value={family}
        options={FAMILIES.map((value) => ({ value, word: PRACTICE.family[value] }))}
        onChange={setFamily}
      />
      <Button className="mt-2" onClick={() => act({ act: "fit", family })}>
        {PRACTICE.fitNow}
      </Button>
    </Fold>
  );
}
