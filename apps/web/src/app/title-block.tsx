import { lazy, useState } from "react";
import { Link } from "react-router";
import { useStore } from "../store/provider.tsx";
import { useSettings } from "../store/settings.tsx";
import { KeyCap } from "../ui/key-cap.tsx";
import { useKeys } from "../ui/keys.tsx";
import { Mark } from "../ui/mark.tsx";
import { SheetBehind } from "../ui/sheet-behind.tsx";
import { COMMON, PRODUCT } from "../words/common.ts";
import { KEEPING } from "../words/keeping.ts";
import { useAppState } from "./use-app-state.ts";

const load = () => import("./keys-sheet.tsx");
const KeysSheet = lazy(() => load().then((m) => ({ default: m.KeysSheet })));

/** One cell of the title block: a label and what it says. */
export interface TitleCell {
  readonly label: string;
  readonly value: string;
}

/** Another unit of the rig at the same stage: where it is and what it is called. */
export interface OtherUnit {
  readonly to: string;
  readonly name: string;
}

interface TitleBlockProps {
  readonly cells: readonly TitleCell[];
  readonly line: string;
  readonly other?: OtherUnit | null;
}

/** On a phone held sideways the rest of the line is for the parts of a page that has some; the theme is behind “?” there. */
const SHORT = "sideways:min-[43.75rem]:group-has-[[data-parts]]/page:max-w-[184px]";

/** Where am I: cells of a drawing's title block on top; on a phone one line. */
export function TitleBlock({ cells, line, other }: TitleBlockProps) {
  const { theme, change } = useSettings();
  const { kept } = useStore();
  const { offline } = useAppState();
  const [keys, setKeys] = useState(false);
  const turn = (): void => change({ theme: theme === "night" ? "daylight" : "night" });
  useKeys({ "?": () => setKeys(true), d: turn });
  return (
    <header className="flex h-[40px] shrink-0 items-stretch border-b-[1.5px] border-ink bg-face max-[62.4375rem]:h-[50px]">
      <Link
        to="/"
        className="flex shrink-0 items-center gap-2.5 border-r-[1.5px] border-ink px-3 whitespace-nowrap min-[62.5rem]:px-6"
        aria-label={`${PRODUCT}: ${COMMON.home}`}
      >
        <Mark />
        <span className="figure text-large max-[62.4375rem]:hidden">{PRODUCT}</span>
      </Link>
      {cells.map((cell) => (
        <div
          key={cell.label}
          className="flex max-w-[270px] items-center gap-1.5 truncate border-r-[1.5px] border-ink px-3.5 text-small max-[62.4375rem]:hidden"
        >
          <span className="text-ink2">{cell.label}</span> <b className="truncate font-semibold">{cell.value}</b>
        </div>
      ))}
      {other == null ? (
        <div className={`flex min-w-0 grow items-center truncate px-3 font-semibold min-[62.5rem]:hidden ${SHORT}`}>
          <span className="truncate">{line}</span>
        </div>
      ) : (
        <Link to={other.to} className={`flex min-w-0 grow flex-col justify-center px-3 leading-[1.2] min-[62.5rem]:hidden ${SHORT}`}>
          <span className="truncate font-semibold">{line}</span>
          <span className="truncate text-small underline underline-offset-2">{COMMON.other(other.name)}</span>
        </Link>
      )}
      {other != null && (
        <Link
          to={other.to}
          className="hidden min-w-0 max-w-[200px] items-center border-r-[1.5px] border-ink px-3.5 text-small min-[62.5rem]:flex"
        >
          <span className="truncate underline underline-offset-4">{COMMON.other(other.name)}</span>
        </Link>
      )}
      <div className="hidden grow min-[62.5rem]:block" />
      <div className="hidden items-center border-l-[1.5px] border-ink px-4 text-small leading-[1.15] text-ink2 min-[75rem]:flex">
        {!kept ? COMMON.notKept : offline === "ready" || offline === "cannot" ? COMMON.keptHere : KEEPING.offline[offline]}
      </div>
      <button
        type="button"
        onClick={turn}
        className="border-l-[1.5px] border-ink px-4 text-small max-[62.4375rem]:px-3 max-[20rem]:hidden sideways:min-[43.75rem]:hidden"
        aria-label={`${theme === "night" ? COMMON.night : COMMON.daylight}`}
      >
        {theme === "night" ? COMMON.night : COMMON.daylight}
      </button>
      <button
        type="button"
        onClick={() => setKeys(true)}
        className="flex min-w-[46px] items-center gap-2 border-l-[1.5px] border-ink px-4 text-small max-[62.4375rem]:px-3 sideways:min-[43.75rem]:ml-auto"
        aria-label={COMMON.keys}
      >
        <KeyCap name="?" /> <span className="figure hidden pointer-coarse:inline">?</span>
        <span className="max-[62.4375rem]:hidden">{COMMON.keys}</span>
      </button>
      <SheetBehind open={keys} load={load}>
        <KeysSheet open={keys} onOpenChange={setKeys} />
      </SheetBehind>
    </header>
  );
}
