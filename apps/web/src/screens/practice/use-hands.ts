import type { Terminal } from "@amp-saver/core/network";
import type { ClampMode, MeasureRange, PracticeAct, ShownBench } from "@amp-saver/core/study/practice";
import { useState } from "react";
import type { Piece } from "./piece.ts";

/** What a learner’s hands hold: where the probes are, how the meter and the clamp are set, which wire is looked at. */
export interface Hands {
  readonly range: MeasureRange;
  readonly setRange: (range: MeasureRange) => void;
  readonly mode: ClampMode;
  readonly setMode: (mode: ClampMode) => void;
  readonly held: Piece;
  readonly hang: (piece: Piece) => void;
  readonly probes: { readonly one: Terminal | null; readonly two: Terminal | null };
  readonly setProbe: (piece: "one" | "two", at: Terminal | null) => void;
  readonly readAgain: () => void;
  /** A piece set down on a terminal of the map. */
  readonly set: (piece: Piece, at: Terminal) => void;
  readonly picked: string | null;
  readonly pick: (conductor: string | null) => void;
}

const NOWHERE = { one: null, two: null } as const;

/** Hands over a bench: what is set down becomes an act. `looksAt` is told when a wire is picked. */
export function useHands(shown: ShownBench, act: (act: PracticeAct) => void, looksAt: (what: "wire") => void): Hands {
  const [range, setRange] = useState<MeasureRange>("volts-low-z");
  const [mode, setMode] = useState<ClampMode>("live");
  const [held, setHeld] = useState<Piece>("one");
  const [probes, setProbes] = useState<Hands["probes"]>(NOWHERE);
  const [picked, setPicked] = useState<string | null>(null);
  const real = (place: Terminal): Terminal => shown.realOf[place] ?? place;
  const measure = ({ one, two }: Hands["probes"]): void => {
    if (one !== null && two !== null) act({ act: "measure", range, from: real(one), to: real(two) });
  };
  const setProbe = (piece: "one" | "two", at: Terminal | null): void => {
    // A new place of the first probe begins a new measurement: what lies between it and the old one is nobody's question.
    const next = piece === "one" ? { one: at, two: null } : { ...probes, two: at };
    setProbes(next);
    measure(next);
  };
  return {
    range,
    // A range is turned with the probes off: turned on a live pair it would be the last thing the meter did.
    setRange: (next) => {
      setRange(next);
      setProbes(NOWHERE);
      setHeld("one");
    },
    mode,
    setMode,
    held,
    hang: setHeld,
    probes,
    setProbe,
    readAgain: () => measure(probes),
    set: (piece, at) => {
      if (piece === "hand") act({ act: "touch", at: real(at) });
      else if (piece === "clamp") act({ act: "clamp", at: real(at), mode });
      else {
        setProbe(piece, at);
        setHeld(piece === "one" ? "two" : "one");
      }
    },
    picked,
    pick: (conductor) => {
      if (held === "clamp" && conductor !== null) {
        act({ act: "clamp", conductor, mode });
        return;
      }
      setPicked(conductor);
      if (conductor !== null) looksAt("wire");
    },
  };
}
