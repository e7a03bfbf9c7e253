import { useState } from "react";
import { answerDirect } from "../../pairing/direct.ts";
import { shareOver } from "../../pairing/start.ts";
import { useStore } from "../../store/provider.tsx";
import { PAIR } from "../../words/pair.ts";
import { CodeText, TakeCode } from "./code-text.tsx";
import { PictureCode } from "./picture-code.tsx";

/** Reads the other's code and shows one's own. A link that was cut goes on. */
export function DirectJoin({ name }: { readonly name: string }) {
  const { store } = useStore();
  const [own, setOwn] = useState<string | null>(null);
  const [failed, setFailed] = useState<"no-code" | "not-found" | null>(null);
  const take = async (code: string): Promise<void> => {
    const answered = await answerDirect(code);
    setFailed(answered === null ? "no-code" : null);
    if (answered === null) return;
    setOwn(answered.code);
    const channel = await answered.channel;
    if (channel === null) {
      // Another try begins with another code of the other.
      setOwn(null);
      setFailed("not-found");
    } else shareOver(store, answered.link, channel, null, name);
  };
  return (
    <>
      <p className="py-2">{PAIR.wayHelp.direct}</p>
      {own === null ? (
        <TakeCode onCode={(code) => void take(code)} />
      ) : (
        <>
          <PictureCode text={own} label={PAIR.offerPicture} />
          <CodeText code={own} />
          <p role="status">{PAIR.finding}</p>
        </>
      )}
      {failed !== null && (
        <p role="alert" className="py-1 font-semibold text-lead">
          {PAIR.directFailed[failed]}
        </p>
      )}
    </>
  );
}
