import { TEXT_MOST } from "@amp-saver/records";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { becomePair, usePair } from "../../pairing/current.ts";
import type { LivePair, PairView } from "../../pairing/live-pair.ts";
import { inviteByRelay, shareWithWindow } from "../../pairing/start.ts";
import { useStore } from "../../store/provider.tsx";
import { Answer } from "../../ui/answer.tsx";
import { Choice } from "../../ui/choice.tsx";
import { Fold } from "../../ui/fold.tsx";
import { Evidence, Rail, StageFrame } from "../../ui/layout/stage-frame.tsx";
import { RoofButton } from "../../ui/roof-button.tsx";
import { TextField } from "../../ui/text-field.tsx";
import { PAIR } from "../../words/pair.ts";
import { Calls } from "./calls.tsx";
import { DirectInvite } from "./direct-invite.tsx";
import { DirectJoin } from "./direct-join.tsx";
import { clockOf, needsCodes, pairAnswer } from "./pair.view.ts";
import { PictureCode } from "./picture-code.tsx";

const WAYS = ["relay", "direct", "window"] as const;
type Way = (typeof WAYS)[number];

/** Inviting the other phone to a rig, and how it stands with it. */
export function PairScreen() {
  const { rigId = null } = useParams();
  const paired = usePair();
  const running = paired !== null && paired.view.session.line !== "closed";
  return (
    <StageFrame alone={!running && rigId === null}>
      <Evidence>
        <Answer guide="survey" question={PAIR.question} parts={pairAnswer(paired?.view ?? null)} sure={PAIR.sure} />
        {running ? <Standing /> : rigId !== null && <Invite rigId={rigId} />}
        {!running && rigId === null && (
          <p className="py-3">
            <Link to="/join" className="underline underline-offset-4">
              {PAIR.join}
            </Link>
          </p>
        )}
      </Evidence>
      {paired !== null && running && (
        <Rail>
          <Calls pair={paired.pair} view={paired.view} />
        </Rail>
      )}
    </StageFrame>
  );
}

/** The room's code while it waits, the clocks, and the end. */
function Standing() {
  const paired = usePair();
  if (paired === null) return null;
  const { pair, view } = paired;
  const { session, link, beside, unread, isStuck, kept } = view;
  const address = `${location.origin}/join/${link.code}`;
  return (
    <div className="max-w-[560px] py-2">
      {view.holds.map((hold) => (
        <p key={hold.id} role="alert" className="py-1 font-semibold text-lead">
          {`${PAIR.heldTitle}. ${PAIR.held(hold.name, hold.what, clockOf(hold.at))}`}
        </p>
      ))}
      {session.partner === null && link.by === "relay" && !link.joined && (
        <>
          <p className="figure py-2 text-[1.8rem]">{PAIR.room(link.code)}</p>
          <p className="py-1">{PAIR.roomHelp}</p>
          <PictureCode text={address} label={PAIR.roomPicture} />
          <p className="break-all py-1 text-small">{address}</p>
        </>
      )}
      {needsCodes(view) && (
        <>
          <DirectInvite rigId={link.rigId} name={link.name} />
          <Fold label={PAIR.readFirst} ruled>
            <DirectJoin name={link.name} />
          </Fold>
        </>
      )}
      {session.aheadMs !== null && session.line === "open" && <p className="py-1">{PAIR.ahead(Math.round(session.aheadMs / 1000))}</p>}
      {beside > 0 && <p className="py-1">{PAIR.beside(beside)}</p>}
      {isStuck && <p role="alert">{PAIR.stuck}</p>}
      {unread > 0 && <p role="alert">{PAIR.unread(unread)}</p>}
      {!kept && <p role="alert">{PAIR.notKept}</p>}
      {session.partner !== null && <Photos pair={pair} view={view} />}
      <p className="py-1">{PAIR.ends}</p>
      <RoofButton
        onClick={() => {
          pair.end();
          becomePair(null);
        }}
      >
        {PAIR.end}
      </RoofButton>
    </div>
  );
}

function Invite({ rigId }: { readonly rigId: string }) {
  const { store } = useStore();
  const [name, setName] = useState<string>(PAIR.usual.roof);
  const [way, setWay] = useState<Way>("relay");
  const [wrong, setWrong] = useState<string | null>(null);
  return (
    <div className="max-w-[560px] py-2">
      <NameField name={name} onName={setName} />
      <Choice<Way> label={PAIR.ways} value={way} options={WAYS.map((value) => ({ value, word: PAIR.way[value] }))} onChange={setWay} />
      <p className="py-2">{PAIR.wayHelp[way]}</p>
      {way === "direct" ? (
        <DirectInvite rigId={rigId} name={name} />
      ) : (
        <RoofButton
          main
          onClick={() => {
            if (way === "window") shareWithWindow(store, rigId, name);
            else void inviteByRelay(store, rigId, name).then((refused) => setWrong(refused === null ? null : PAIR.refused[refused]));
          }}
        >
          {PAIR.invite}
        </RoofButton>
      )}
      {wrong !== null && (
        <p role="alert" className="py-1 font-semibold text-lead">
          {wrong}
        </p>
      )}
    </div>
  );
}

/** By which name the other phone knows this one. */
export function NameField({ name, onName }: { readonly name: string; readonly onName: (name: string) => void }) {
  return (
    <TextField
      label={PAIR.name}
      kept={name}
      onText={(text) => {
        if (text.trim() === "" || text.trim().length > TEXT_MOST.color) return PAIR.nameWrong(TEXT_MOST.color);
        onName(text.trim());
        return null;
      }}
    />
  );
}

/** Photos and recordings come when they are asked for: they are large. */
function Photos({ pair, view }: { readonly pair: LivePair; readonly view: PairView }) {
  const [asked, setAsked] = useState<number | null>(null);
  return (
    <div className="py-2">
      <RoofButton disabled={view.session.line !== "open"} onClick={() => void pair.fetchBlobs().then(setAsked)}>
        {PAIR.photos}
      </RoofButton>
      {asked !== null && <p role="status">{PAIR.photosLeft(asked, view.awaited)}</p>}
    </div>
  );
}
