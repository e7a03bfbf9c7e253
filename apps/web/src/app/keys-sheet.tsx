import { Switch } from "radix-ui";
import { useLocation } from "react-router";
import { useStore } from "../store/provider.tsx";
import { useHistory } from "../store/queries.ts";
import { useSettings } from "../store/settings.tsx";
import { useRoom } from "../store/use-room.ts";
import { Button } from "../ui/button.tsx";
import { KeyCap } from "../ui/key-cap.tsx";
import { LinkButton } from "../ui/layout/link-button.tsx";
import { Sheet } from "../ui/sheet.tsx";
import { COMMON, undoOf } from "../words/common.ts";
import { GUIDE } from "../words/guide-screen.ts";
import { KEEPING } from "../words/keeping.ts";
import { KEY_WORDS, KEYS } from "../words/keys.ts";
import { useAppState } from "./use-app-state.ts";

/** Keys, units, and what this device can and cannot do. */
export function KeysSheet({ open, onOpenChange }: { readonly open: boolean; readonly onOpenChange: (open: boolean) => void }) {
  const { theme, shortcuts, namesInFiles, measure, change } = useSettings();
  const { undo, redo } = useStore();
  const history = useHistory();
  const { pathname } = useLocation();
  return (
    <Sheet open={open} onOpenChange={onOpenChange} title={KEY_WORDS.title}>
      <div className="mb-3">
        <LinkButton to="/guide" onClick={() => onOpenChange(false)} state={{ from: pathname }}>
          {GUIDE.open}
        </LinkButton>
      </div>
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1.5 pointer-coarse:hidden">
        {KEYS.map(([key, what]) => (
          <div key={key} className="contents">
            <dt className="flex gap-1">
              {key.split(" ").map((part) => (
                <KeyCap key={part} name={part} />
              ))}
            </dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
      <SwitchRow id="night" label={COMMON.night} on={theme === "night"} onTurn={(on) => change({ theme: on ? "night" : "daylight" })} />
      <SwitchRow
        id="shortcuts"
        label={KEY_WORDS.shortcuts}
        on={shortcuts}
        onTurn={(on) => change({ shortcuts: on })}
        className="pointer-coarse:hidden"
      />
      <SwitchRow id="names-in-files" label={KEEPING.namesInFiles} on={namesInFiles} onTurn={(on) => change({ namesInFiles: on })} />
      <fieldset className="mt-4 border-t-[1.5px] border-ink pt-3">
        <legend className="float-left mr-4 font-semibold">{KEY_WORDS.measure}</legend>
        {(["us", "si"] as const).map((name) => (
          <label key={name} className="mr-4 inline-flex min-h-[32px] items-center gap-2">
            <input
              type="radio"
              name="measure"
              className="h-[18px] w-[18px] accent-[var(--ink)]"
              checked={measure === name}
              onChange={() => change({ measure: name })}
            />
            {KEY_WORDS[name]}
          </label>
        ))}
      </fieldset>
      <div className="mt-4 flex gap-2 border-t-[1.5px] border-ink pt-3">
        <Button disabled={history.undo === null} onClick={() => void undo()}>
          {COMMON.undo}
        </Button>
        <Button disabled={history.redo === null} onClick={() => void redo()}>
          {COMMON.redo}
        </Button>
        {history.undo !== null && <span className="self-center text-ink2">{undoOf(history.undo)}</span>}
      </div>
      <Device />
    </Sheet>
  );
}

function Device() {
  const { offline } = useAppState();
  const room = useRoom();
  const secure = globalThis.isSecureContext;
  return (
    <section className="mt-4 border-t-[1.5px] border-ink pt-3 text-body">
      <h3 className="font-semibold">{KEY_WORDS.device}</h3>
      <p>{secure ? `${KEEPING.offline[offline]}.` : KEY_WORDS.insecure}</p>
      {room !== null && <p>{room.lasting ? KEEPING.lasting : KEEPING.notLasting}</p>}
    </section>
  );
}

interface SwitchRowProps {
  readonly id: string;
  readonly label: string;
  readonly on: boolean;
  readonly onTurn: (on: boolean) => void;
  readonly className?: string;
}

function SwitchRow({ id, label, on, onTurn, className = "" }: SwitchRowProps) {
  return (
    <div className={`mt-4 flex items-center gap-3 border-t-[1.5px] border-ink pt-3 ${className}`}>
      <Switch.Root id={id} checked={on} onCheckedChange={onTurn} className="edge h-[24px] w-[46px] bg-face data-[state=checked]:bg-ink">
        <Switch.Thumb className="block h-[18px] w-[18px] translate-x-[2px] bg-ink data-[state=checked]:translate-x-[22px] data-[state=checked]:bg-face" />
      </Switch.Root>
      <label htmlFor={id} className="pointer-coarse:py-3">
        {label}
      </label>
    </div>
  );
}
