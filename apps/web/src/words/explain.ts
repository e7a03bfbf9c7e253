/** What each figure of an answer is, and how it is worked out. */
export const EXPLAIN = {
  title: "Every figure, opened",
  names: {
    "start-asked": "Asked in the start",
    "start-limit": "Given in the start",
    "start-spare": "To spare in the start",
    "run-asked": "Asked in running",
    "run-limit": "Given in running",
    "run-spare": "To spare in running",
    "start-time": "Time to speed",
    "lowest-volts": "Lowest volts at the unit, one cycle",
    "first-half-cycle": "First half cycle, peak",
    inrush: "Inrush, 100 ms",
    "max-hold": "Max hold, 0.4 s",
  },
  formulas: {
    "start-asked": {
      watts:
        "Largest RMS of one cycle of the whole line in the simulated start; where the source folds back, what the unit would have drawn had it not.",
      breaker: "Largest RMS of one cycle of the whole line in the simulated start.",
      any: "",
    },
    "start-limit": {
      watts:
        "Momentary factor × surge watts ÷ volts, watts less the engine’s losses, the shore share added. A conventional set: what is asked, plus the further amps of other loads that it carried through this very start, found by trying.",
      breaker:
        "What is asked × the factor by which the whole start could grow before ∫ dt ÷ t(I) reaches one at the quick edge of the breaker’s band.",
      any: "",
    },
    "start-spare": { watts: "", breaker: "", any: "Given less asked." },
    "run-asked": {
      watts: "",
      breaker: "",
      any: "Steady state of the fitted motor at rated load, + 1 % per °F above 95 °F and − 0.8 % below (typical, from memory); fan and other loads added as phasors.",
    },
    "run-limit": {
      watts: "Running watts less the engine’s losses, given as the amps of this very load at which they are reached.",
      breaker: "0.8 × the breaker, for three hours and more (NEC 210.20(A), from memory).",
      any: "",
    },
    "run-spare": { watts: "", breaker: "", any: "Given less asked." },
    "start-time": { watts: "", breaker: "", any: "First time at which nine tenths of synchronous speed is reached and kept, simulated." },
    "lowest-volts": {
      watts: "",
      breaker: "",
      any: "Lowest RMS of one cycle at the unit: source less what its impedance, wiring and cords take.",
    },
    "first-half-cycle": { watts: "", breaker: "", any: "Largest instantaneous current of the first half cycle." },
    inrush: { watts: "", breaker: "", any: "Largest RMS over any 100 ms: what a clamp meter’s inrush mode shows at most." },
    "max-hold": { watts: "", breaker: "", any: "Largest RMS over any 0.4 s: a slow max hold." },
  },
  inputs: "Rests on",
} as const;
