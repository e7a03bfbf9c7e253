import { memo, useState } from "react";
import { StartPicture } from "../../chart/start-picture.tsx";
import { useWidth } from "../../chart/use-width.ts";
import { Choice } from "../../ui/choice.tsx";
import { PictureFrame } from "../../ui/picture-frame.tsx";
import { CHECK } from "../../words/check.ts";
import { PICTURES } from "../../words/pictures.ts";
import { MapView } from "./map-view.tsx";
import type { PicturesProps } from "./pictures-props.ts";
import { valueAt } from "./read-out.view.ts";
import { TimeView } from "./time-view.tsx";

type Kind = "start" | "time" | "map";
/** Time that one step of the keys moves, s: a cycle and a bit. */
const STEP_S = 0.02;

/** The answer as pictures: the start, current against time, and the map of margins. */
export function Pictures(props: PicturesProps) {
  const [kind, setKind] = useState<Kind>("start");
  const [frame, width] = useWidth<HTMLDivElement>();
  const wide = width >= 620;
  const height = wide ? Math.max(380, Math.min(560, globalThis.innerHeight - 420)) : 430;
  const fileName = PICTURES.fileName(props.rigName, kind);
  return (
    <div className="mt-2 min-w-0">
      <div className="max-w-[520px]">
        <Choice<Kind>
          label={PICTURES.which}
          hideLabel
          value={kind}
          options={[
            { value: "start", word: PICTURES.kinds.start },
            { value: "time", word: PICTURES.kinds.time },
            { value: "map", word: props.mapAxis === "altitude" ? PICTURES.kinds.map : PICTURES.mapLoads },
          ]}
          onChange={setKind}
        />
      </div>
      <div ref={frame} className="mt-2 min-w-0">
        {width > 0 && kind === "start" && (
          <StartView picture={props.picture} sentence={props.sentence} width={width} height={height} wide={wide} fileName={fileName} />
        )}
        {width > 0 && kind === "time" && <TimeView {...props} width={width} height={height} fileName={fileName} />}
        {width > 0 && kind === "map" && <MapView {...props} width={width} height={height} fileName={fileName} />}
      </div>
    </div>
  );
}

interface StartViewProps extends Pick<PicturesProps, "picture" | "sentence"> {
  readonly width: number;
  readonly height: number;
  readonly wide: boolean;
  readonly fileName: string;
}

/** The start; drawn anew only when its answer or its size changes, not while the next is being asked for. */
const StartView = memo(function StartView({ picture, sentence, width, height, wide, fileName }: StartViewProps) {
  const [show, setShow] = useState<"amps" | "sides">("amps");
  const [readS, setReadS] = useState<number | null>(null);
  const of = (p: { readonly t: number }): number => p.t;
  const shownS = picture.planned.points.at(-1)?.t ?? 1;
  const { points } = picture.planned;
  const at = readS === null ? null : Math.max(readS, points[0]?.t ?? 0);
  const read = (value: (p: (typeof points)[number]) => number): number => (at === null ? 0 : (valueAt(points, at, of, value) ?? 0));
  const over = at === null || picture.before === null ? null : valueAt(picture.before.points, at, of, (p) => p.amps);
  const reading =
    at === null
      ? null
      : PICTURES.start(
          at,
          read((p) => p.amps),
          read((p) => p.volts),
          read((p) => p.rpm),
        ) + (over === null ? "" : PICTURES.against(over));
  return (
    <>
      {!wide && (
        <div className="mb-2 max-w-[320px]">
          <Choice
            label={CHECK.amps}
            hideLabel
            value={show}
            options={[
              { value: "amps", word: CHECK.showAmps },
              { value: "sides", word: CHECK.showVoltsRpm },
            ]}
            onChange={setShow}
          />
        </div>
      )}
      <PictureFrame
        reading={reading}
        steps={Math.floor(shownS / STEP_S)}
        at={readS === null ? null : Math.round(readS / STEP_S)}
        onStep={(k) => setReadS(k * STEP_S)}
        fileName={fileName}
      >
        <StartPicture
          {...picture}
          width={width}
          height={height}
          show={show}
          label={CHECK.pictureLabel(sentence)}
          readS={readS}
          onReadS={setReadS}
        />
      </PictureFrame>
    </>
  );
});
