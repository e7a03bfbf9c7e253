import { useState } from "react";
import { CurrentTimePicture, currentTimeScales } from "../../chart/current-time-picture.tsx";
import { PictureFrame } from "../../ui/picture-frame.tsx";
import { PICTURES } from "../../words/pictures.ts";
import type { PicturesProps } from "./pictures-props.ts";
import { allowedAt, lastsAt } from "./read-out.view.ts";

interface TimeViewProps extends PicturesProps {
  readonly width: number;
  readonly height: number;
  readonly fileName: string;
}

const STEPS = 120;

/** Current against time, the chosen start and the one laid over it, over what the source allows. */
export function TimeView({ view, over, chosenLabel, breakerA, width, height, fileName }: TimeViewProps) {
  const [readA, setReadA] = useState<number | null>(null);
  const limit = view.allowed && { ...view.allowed, label: breakerA === null ? PICTURES.stepsLabel : PICTURES.bandLabel(breakerA) };
  const traces = [
    ...(over === null ? [] : [{ points: over.lasts, look: "before" as const, label: over.label }]),
    { points: view.lasts, look: "planned" as const, label: chosenLabel },
  ];
  const { x } = currentTimeScales({ width, height, traces, limit });
  const ampsAt = (step: number): number => x.from * (x.to / x.from) ** (step / (STEPS - 1));
  const stepOf = (amps: number): number => Math.round((Math.log(amps / x.from) / Math.log(x.to / x.from)) * (STEPS - 1));
  const reading =
    readA === null
      ? null
      : PICTURES.time(
          readA,
          lastsAt(view.lasts, readA),
          limit && allowedAt(limit.earliest, readA),
          limit && allowedAt(limit.latest, readA),
        );
  return (
    <PictureFrame
      reading={reading}
      steps={STEPS}
      at={readA === null ? null : stepOf(readA)}
      onStep={(k) => setReadA(ampsAt(k))}
      fileName={fileName}
    >
      <p className="mb-1 text-small text-ink2">{PICTURES.timeHelp}</p>
      <div
        onPointerMove={(event) => setReadA(pointed(event, x.at(x.from), x.at(x.to), ampsAt))}
        onPointerDown={(event) => setReadA(pointed(event, x.at(x.from), x.at(x.to), ampsAt))}
      >
        <CurrentTimePicture width={width} height={height - 24} traces={traces} limit={limit} readA={readA} label={PICTURES.timeLabel} />
      </div>
    </PictureFrame>
  );
}

function pointed(event: React.PointerEvent<HTMLElement>, left: number, right: number, ampsAt: (step: number) => number): number {
  const share = (event.clientX - event.currentTarget.getBoundingClientRect().left - left) / (right - left);
  return ampsAt(Math.max(0, Math.min(1, share)) * (STEPS - 1));
}
