import type { PlateKind, PlateReading } from "@amp-saver/core/study/plate-reading";
import type { Photo, Source } from "@amp-saver/records";
import { useEffect, useState } from "react";
import { editCommit } from "../../store/commands.ts";
import { printedCommit } from "../../store/printed-commit.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { useSettings } from "../../store/settings.tsx";
import { usePicture } from "../../store/use-picture.ts";
import { Choice } from "../../ui/choice.tsx";
import { DraftScope } from "../../ui/drafts.ts";
import { Pick } from "../../ui/pick.tsx";
import { PLATE_PHOTO } from "../../words/plate-photo.ts";
import { type PlateRefusal, type PlateWords, readingOf, wordsOfPlate } from "../../workers/read-plate.ts";
import { Asked } from "../asked.tsx";
import { useUnitWiring } from "../use-unit-wiring.ts";
import { PlateItemPanel } from "./plate-item.tsx";
import { confirmed, PLATE_KINDS, plateItems, printedPlace } from "./plate-photo.view.ts";

interface PlateSheetProps {
  readonly bundle: JobBundle;
  readonly photo: Photo;
}

type State =
  | { readonly at: "reading" }
  | { readonly at: "refused"; readonly why: PlateRefusal }
  | { readonly at: "read"; readonly words: PlateWords };

/** The figures of a plate's photo, read on this device, each to be compared with the plate before it is entered. */
export function PlateSheet({ bundle, photo }: PlateSheetProps) {
  const { unit, sources } = bundle;
  const { wiring } = useUnitWiring(bundle);
  const { store, commit } = useStore();
  const { measure } = useSettings();
  const url = usePicture(photo.id);
  const [state, setState] = useState<State>({ at: "reading" });
  const [kind, setKind] = useState<PlateKind>("unit");
  const [reading, setReading] = useState<PlateReading | null>(null);
  const [settled, setSettled] = useState<Readonly<Record<string, "entered" | "left">>>({});
  const fits = sources.filter(({ type }) =>
    kind === "inverter" ? type === "inverter" : type === "generator" || type === "inverter-generator",
  );
  const [chosen, setChosen] = useState<string | null>(null);
  const source = fits.find(({ id }) => id === chosen) ?? fits[0];

  useEffect(() => {
    let gone = false;
    void store.blobs(photo.id).then(async (bytes) => {
      const words = bytes === undefined ? null : await wordsOfPlate(new Blob([bytes]));
      if (gone) return;
      if (words === null) setState({ at: "refused", why: "not-a-picture" });
      else setState(words.ok ? { at: "read", words: words.value } : { at: "refused", why: words.reason });
    });
    return () => {
      gone = true;
    };
  }, [store, photo.id]);

  useEffect(() => {
    if (state.at !== "read") return;
    let gone = false;
    setReading(null);
    setSettled({});
    void readingOf(state.words, kind).then((read) => {
      if (gone) return;
      if (read === null) setState({ at: "refused", why: "too-long" });
      else setReading(read);
    });
    return () => {
      gone = true;
    };
  }, [state, kind]);

  if (state.at === "refused") return <p role="alert">{PLATE_PHOTO.refused[state.why]}</p>;
  if (state.at === "reading" || reading === null)
    return (
      <>
        <p role="status" className="py-2 text-large">
          {PLATE_PHOTO.reading}
        </p>
        <p className="text-ink2">{PLATE_PHOTO.first}</p>
        {typeof url === "string" && <img src={url} alt="" className="mt-2 max-h-[50vh] w-full object-contain" />}
      </>
    );
  const items = plateItems(reading, kind, measure);
  const needsSource = kind === "generator" || kind === "inverter";
  const settle = (id: string, how: "entered" | "left"): void => setSettled((was) => ({ ...was, [id]: how }));
  return (
    <>
      <Choice
        label={PLATE_PHOTO.kind}
        value={kind}
        options={PLATE_KINDS.map((value) => ({ value, word: PLATE_PHOTO.kinds[value] }))}
        onChange={setKind}
      />
      {needsSource && fits.length > 1 && (
        <Pick<string>
          label={PLATE_PHOTO.onWhich}
          value={source?.id ?? ""}
          options={fits.map(({ id, name }) => ({ value: id, word: name }))}
          onChange={setChosen}
        />
      )}
      {needsSource && source === undefined ? (
        <p role="status" className="py-2">
          {PLATE_PHOTO.noSource[kind]}
        </p>
      ) : items.length === 0 ? (
        <p role="status" className="py-2">
          {PLATE_PHOTO.nothing}
        </p>
      ) : (
        <>
          <p className="py-2">{PLATE_PHOTO.compare}</p>
          <DraftScope value={`${photo.id} ${kind}`}>
            <Asked
              label={PLATE_PHOTO.items}
              questions={items.map((item) => ({
                id: item.id,
                done: settled[item.id] !== undefined,
                content: (
                  <PlateItemPanel
                    item={item}
                    url={url ?? null}
                    ratio={photo.across / photo.down}
                    settled={settled[item.id] ?? null}
                    onLeave={() => settle(item.id, "left")}
                    onConfirm={(text) => {
                      const change = confirmed(item, text, photo.id, measure);
                      if (!change.ok) return change.limits;
                      if (change.unit !== undefined) void commit(editCommit(unit, change.unit));
                      if (change.source !== undefined && source !== undefined) void commit(editCommit<Source>(source, change.source));
                      const place = change.printed === undefined ? null : printedPlace(wiring, change.printed.section);
                      if (change.printed !== undefined && place !== null) void commit(printedCommit(unit, place, change.printed.what));
                      settle(item.id, "entered");
                      return null;
                    }}
                  />
                ),
              }))}
              end={<p className="py-2 font-semibold">{PLATE_PHOTO.done}</p>}
            />
          </DraftScope>
        </>
      )}
    </>
  );
}
