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
  const [failed, setFailed] = useState(false);
  const take = async (code: string): Promise<void> => {
    const answered = await answerDirect(code);
    setFailed(answered === null);
    if (answered === null) return;
    setOwn(answered.code);
    const channel = await answered.channel;
    if (channel === null) setFailed(true);
    else shareOver(store, answered.link, channel, null, name);
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
      {failed && (
        <p role="alert" className="py-1 font-semibold text-lead">
          {PAIR.badCode}
        </p>
      )}
    </>
  );
}
