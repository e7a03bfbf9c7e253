import { TEXT_MOST } from "@amp-saver/records";
import { useState } from "react";
import { editCommit } from "../../store/commands.ts";
import { deletePatternCommit } from "../../store/library-commands.ts";
import { useStore } from "../../store/provider.tsx";
import { useSettings } from "../../store/settings.tsx";
import { Answer } from "../../ui/answer.tsx";
import { Button } from "../../ui/button.tsx";
import { DraftScope } from "../../ui/drafts.ts";
import { saveFile } from "../../ui/save-file.ts";
import { TextField } from "../../ui/text-field.tsx";
import { LIBRARY } from "../../words/library.ts";
import { useExchange } from "../../workers/use-exchange.ts";
import { PATTERN_GROUPS, patternLines, patternsLike } from "./library.view.ts";
import { PatternGroupLines } from "./pattern-group.tsx";
import { PatternPhotos } from "./pattern-photos.tsx";
import { usePatterns } from "./use-patterns.ts";

/** One's own library: every model with what is known of it, searched, noted, taken along. */
export function LibraryScreen() {
  const { commit } = useStore();
  const { measure } = useSettings();
  const { run, task } = useExchange();
  const patterns = usePatterns();
  const [words, setWords] = useState("");
  const [notOut, setNotOut] = useState(false);
  const shown = patternsLike(patterns, words, measure);
  const units = patterns.reduce((sum, { works }) => sum + Object.keys(works).length, 0);
  const save = async (): Promise<void> => {
    const file = await run("out", (exchanger, tell) => exchanger.out({ what: "library", name: LIBRARY.title }, tell)).catch(() => null);
    setNotOut(file === null);
    if (file !== null) saveFile(file.name, file.blob, file.blob.type);
  };
  return (
    <section className="px-4 py-4 min-[62.5rem]:px-6">
      <Answer guide="survey" question={LIBRARY.question} parts={LIBRARY.answer(patterns.length, units)} sure={LIBRARY.sure} />
      {patterns.length > 0 && (
        <div className="mt-3 max-w-[720px]">
          <TextField
            label={LIBRARY.search}
            kept={words}
            onText={(text) => {
              setWords(text);
              return null;
            }}
          />
          <Button className="mt-2" disabled={task !== null} onClick={() => void save()}>
            {LIBRARY.export}
          </Button>
          {notOut && (
            <p role="alert" className="py-1 font-semibold text-lead">
              {LIBRARY.notOut}
            </p>
          )}
        </div>
      )}
      {patterns.length > 0 && shown.length === 0 && <p className="py-3">{LIBRARY.noMatch}</p>}
      {shown.map((pattern) => {
        const lines = patternLines(pattern, null, measure);
        return (
          <article key={pattern.id} className="mt-4 max-w-[720px] border-t-[1.5px] border-ink pt-2" aria-label={pattern.model}>
            <h2 className="text-large font-semibold">
              {pattern.model}
              {pattern.madeYear !== undefined && `, ${LIBRARY.year(pattern.madeYear)}`}
            </h2>
            {PATTERN_GROUPS.filter((group) => lines[group].length > 0).map((group) => (
              <PatternGroupLines key={group} group={group} lines={lines[group]} />
            ))}
            <PatternPhotos pattern={pattern} />
            <DraftScope value={pattern.id}>
              <TextField
                label={LIBRARY.note}
                kept={pattern.note}
                most={TEXT_MOST.note}
                onText={(note) => {
                  void commit(editCommit(pattern, { note }, "note"));
                  return null;
                }}
              />
            </DraftScope>
            <Button look="quiet" onClick={() => void commit(deletePatternCommit(pattern))}>
              {LIBRARY.remove(pattern.model)}
            </Button>
          </article>
        );
      })}
    </section>
  );
}
