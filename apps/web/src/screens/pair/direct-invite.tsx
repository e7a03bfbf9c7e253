import { useEffect, useRef, useState } from "react";
import { type Offer, offerDirect } from "../../pairing/direct.ts";
import { directLink, shareOver } from "../../pairing/start.ts";
import { useStore } from "../../store/provider.tsx";
import { RoofButton } from "../../ui/roof-button.tsx";
import { PAIR } from "../../words/pair.ts";
import { CodeText, TakeCode } from "./code-text.tsx";
import { PictureCode } from "./picture-code.tsx";

/** Shows this phone's code and takes the other's: no server between. A link that was cut goes on. */
export function DirectInvite({ rigId, name }: { readonly rigId: string | null; readonly name: string }) {
  const { store } = useStore();
  const offer = useRef<Offer | null>(null);
  const used = useRef(false);
  const link = useRef("");
  const [code, setCode] = useState<string | null>(null);
  const [state, setState] = useState<"idle" | "finding" | "no-code" | "not-found">("idle");
  useEffect(
    () => () => {
      if (!used.current) offer.current?.drop();
    },
    [],
  );
  const show = async (): Promise<void> => {
    link.current = directLink();
    offer.current = await offerDirect(link.current);
    setCode(offer.current.code);
    setState("idle");
  };
  const failed = (state === "no-code" || state === "not-found") && (
    <p role="alert" className="py-1 font-semibold text-lead">
      {PAIR.directFailed[state]}
    </p>
  );
  if (code === null)
    return (
      <>
        <RoofButton main onClick={() => void show()}>
          {PAIR.show}
        </RoofButton>
        {failed}
      </>
    );
  return (
    <>
      <PictureCode text={code} label={PAIR.offerPicture} />
      <CodeText code={code} />
      <p className="py-2">{PAIR.offered}</p>
      <TakeCode
        onCode={(answer) => {
          setState("finding");
          void offer.current?.answered(answer).then((channel) => {
            if (typeof channel === "string") {
              setState(channel);
              // Another try needs another code.
              if (channel === "not-found") setCode(null);
              return;
            }
            used.current = true;
            shareOver(store, link.current, channel, rigId, name);
          });
        }}
      />
      {state === "finding" && <p role="status">{PAIR.finding}</p>}
      {failed}
    </>
  );
}
