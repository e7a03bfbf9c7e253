import type { RelayRefusal } from "@amp-saver/pairing/relay";
import { useEffect, useState } from "react";
import { useNavigate, useParams } from "react-router";
import { usePair } from "../../pairing/current.ts";
import { joinByRelay } from "../../pairing/start.ts";
import { useStore } from "../../store/provider.tsx";
import { Fold } from "../../ui/fold.tsx";
import { RoofButton } from "../../ui/roof-button.tsx";
import { TextField } from "../../ui/text-field.tsx";
import { PAIR } from "../../words/pair.ts";
import { DirectJoin } from "./direct-join.tsx";
import { NameField } from "./pair.tsx";

const CODE = /^[0-9A-HJKMNP-TV-Z]{10}$/;
/** A code as it was given: letters that look like figures are read as those. */
const plain = (code: string): string =>
  code
    .toUpperCase()
    .replaceAll(/[^0-9A-Z]/g, "")
    .replaceAll("O", "0")
    .replaceAll(/[IL]/g, "1");

/** The other's invitation: one sentence and one button where it came by a link. */
export function JoinScreen() {
  const { code } = useParams();
  const { store } = useStore();
  const navigate = useNavigate();
  const paired = usePair();
  const [name, setName] = useState<string>(PAIR.usual.below);
  const [typed, setTyped] = useState(code ?? "");
  const [refused, setRefused] = useState<RelayRefusal | null>(null);
  const ready = paired !== null && paired.view.session.line !== "closed";
  useEffect(() => {
    if (ready) void navigate("/helper", { replace: true });
  }, [ready, navigate]);
  const room = plain(typed);
  return (
    <main className="mx-auto h-full w-full max-w-[560px] overflow-y-auto p-5">
      <h1 id="answer" className="pb-4 font-semibold text-large">
        {PAIR.joinHelp}
      </h1>
      {code === undefined && (
        <TextField
          label={PAIR.roomCode}
          kept={typed}
          onText={(text) => {
            setTyped(text);
            return text.trim() === "" || CODE.test(plain(text)) ? null : PAIR.badRoom;
          }}
        />
      )}
      <RoofButton main disabled={!CODE.test(room)} onClick={() => void joinByRelay(store, room, name).then(setRefused)}>
        {PAIR.join}
      </RoofButton>
      {refused !== null && (
        <p role="alert" className="py-1 font-semibold text-lead">
          {PAIR.refused[refused]}
        </p>
      )}
      <Fold label={PAIR.name}>
        <NameField name={name} onName={setName} />
      </Fold>
      {code === undefined && (
        <Fold label={PAIR.way.direct} ruled>
          <DirectJoin name={name} />
        </Fold>
      )}
    </main>
  );
}
