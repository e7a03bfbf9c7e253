// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
import { median } from "../../numeric/index.ts";
import { followHum, type Hum, type Sound, thinnedSound, toneIn } from "./hum.ts";
import { BY_EAR_PARAMS as P } from "./params.ts";

/** A start that was heard. */
export interface HeardStart {
  /** When it was switched on, from the beginning of the sound, s. */
  readonly onsetS: number;
  /** Time to speed, s, and by how much it may be off; null where it came to none. */
  readonly toSpeedS: number | null;
  readonly toleranceS: number;
  /** It ran on, it hummed without coming to speed, or it went silent before that. */
  readonly outcome: "ran" | "stalled" | "cut-off";
  /** When the hum ended, s; null where it goes on to the end. */
  readonly endS: number | null;
  /** Another motor hummed before: whether this one ran on is then less than certain. */
  readonly beside: boolean;
}

/** What was heard in a sound. */
export interface Heard {
  /** The line's frequency by its hum, Hz; null where nothing hums. */
  readonly lineHz: number | null;
  readonly starts: readonly HeardStart[];
}

/** Frequencies near which a line or a generator is looked for, Hz; a window hears a few to each side. */
const LINES = [50, 60];
/** Most that a line may be off those, Hz. */
const LINE_OFF = 4;

const between = (values: Float64Array, from: number, to: number): number[] => [...values.subarray(Math.max(0, from), Math.max(0, to))];

/** Level where nothing is heard, dB. */
const SILENCE_DB = -140;

/** The middle of some windows; silence where there are none. */
function middle(values: Float64Array, from: number, to: number): number {
  const some = between(values, from, to);
  return some.length === 0 ? SILENCE_DB : median(some);
}

/** A hum's wavering about its own middle where it is loud enough, Hz, root mean square. */
function waverOf(hum: Hum, from: number, to: number, leastDb = SILENCE_DB): number {
  const own = between(hum.hz, from, to).filter((_, k) => hum.levelDb[from + k]! >= leastDb);
  if (own.length === 0) return Number.POSITIVE_INFINITY;
  const usual = median(own);
  return Math.sqrt(own.reduce((sum, hz) => sum + (hz - usual) ** 2, 0) / own.length);
}

const middleHz = (hum: Hum, from: number, to: number): number => median([...between(hum.hz, from, to), hum.hz[from] ?? 0]);

/** Windows over which a place is looked at before and after. */
const windowsOf = (seconds: number, hum: Hum): number => Math.max(1, Math.round(seconds / hum.hopS));

/** Half an amplitude, dB. */
const HALF_DB = 20 * Math.log10(2);

/** The first window at which a sound rises as it does where a motor is switched on; null from there on to the end. */
function onsetFrom(hum: Hum, from: number): number | null {
  const { levelDb, noiseDb } = hum;
  const before = windowsOf(P.beforeS.value, hum);
  const over = windowsOf(P.windowS.value, hum);
  for (let k = Math.max(from, 1); k + 2 * over < levelDb.length; k++) {
    const base = middle(levelDb, k - before, k);
    const after = middle(levelDb, k + over, k + 2 * over);
    if (after - base < P.riseDb.value) continue;
    const noise = middle(noiseDb, k + over, k + 2 * over);
    if (after - noise < P.overNoiseDb.value) continue;
    // Half way up, in amplitude: a window that is half in the hum.
    const half = Math.max(...between(levelDb, k, k + 3 * over)) - HALF_DB;
    let at = k;
    while (at < k + 3 * over && levelDb[at]! < half) at++;
    return at;
  }
  return null;
}

/**
 * Whether a stretch hums: at the line's frequency, or as little off it as a window over all of it tells apart;
 * and so does either half of it at the same frequency, which no voice holds.
 */
function hums(sound: Sound, hz: number, fromS: number, toS: number): boolean {
  const over = (by: number, from: number, to: number): number => {
    const { levelDb, noiseDb } = toneIn(sound, hz + by, from, to);
    return levelDb - noiseDb;
  };
  const most = NEAR_HZ.toSorted((a, b) => over(b, fromS, toS) - over(a, fromS, toS))[0]!;
  const halfway = (fromS + toS) / 2;
  const least = P.goesOnDb.value;
  return over(most, fromS, toS) > least && Math.min(over(most, fromS, halfway), over(most, halfway, toS)) > least - (2 * HALF_DB) / 3;
}
const NEAR_HZ = [0, -0.2, 0.2, -0.4, 0.4, -0.6, 0.6];

function startAt(sound: Sound, hz: number, hum: Hum, onset: number): HeardStart | null {
  const { levelDb, hopS } = hum;
  const over = windowsOf(P.windowS.value, hum);
  const least = windowsOf(P.leastS.value, hum);
  const most = Math.min(levelDb.length - 1, onset + windowsOf(P.mostS.value, hum));
  const plateau = Math.max(...between(levelDb, onset + Math.floor(over / 2), Math.min(most, onset + over + least + 1)));
  const timeOf = (k: number): number => (k + over / 2) * hopS;
  // Another pitch than the line's is none of its motors.
  if (Math.abs(middleHz(hum, onset + Math.floor(over / 2), onset + over + least) - hz) > P.steadyHz.value) return null;
  const low = plateau - P.fallDb.value;
  let down = onset + Math.max(1, Math.floor(over / 2));
  // A growl swells and sinks with the slip: it is down once it does not come back.
  const stays = (k: number): boolean => Math.max(SILENCE_DB, ...between(levelDb, k, k + 4 * over)) < low + P.fallDb.value / 2;
  while (down < most && !(levelDb[down]! < low && stays(down))) down++;
  const on = windowsOf(P.staysS.value, hum);
  if (down >= most) {
    if (waverOf(hum, onset + over, most) > P.steadyHz.value) return null;
    return { onsetS: timeOf(onset), toSpeedS: null, toleranceS: 0, outcome: "stalled", endS: null, beside: false };
  }
  const settled = middle(levelDb, down + over, down + over + on);
  // What is not heard to its end is not told.
  if (down + over + on > levelDb.length) return null;
  const goesOn = hums(sound, hz, timeOf(down + over), timeOf(down + over + on));
  const beside = hums(sound, hz, timeOf(onset) - P.beforeS.value, timeOf(onset) - P.windowS.value);
  if (waverOf(hum, onset + Math.floor(over / 2), down, plateau - 2 * P.fallDb.value) > P.steadyHz.value) return null;
  if (!goesOn) {
    const lasted = timeOf(down) - timeOf(onset);
    if (lasted < P.staysS.value / 2) return null;
    return { onsetS: timeOf(onset), toSpeedS: null, toleranceS: 0, outcome: "cut-off", endS: timeOf(down), beside };
  }
  // Half of the fall, in decibels: where the current falls fastest.
  const half = (plateau + settled) / 2;
  let at = down;
  while (at > onset && levelDb[at - 1]! < half) at--;
  while (at < most && levelDb[at]! > half) at++;
  return {
    onsetS: timeOf(onset),
    toSpeedS: (at - onset) * hopS,
    toleranceS: P.windowS.value / 2 + hopS,
    outcome: "ran",
    endS: null,
    beside,
  };
}

function startsIn(sound: Sound, hz: number): readonly HeardStart[] {
  const hum = followHum(sound, hz);
  const starts: HeardStart[] = [];
  for (let from = 0; ; ) {
    const onset = onsetFrom(hum, from);
    if (onset === null) return starts;
    const start = startAt(sound, hz, hum, onset);
    if (start !== null) starts.push(start);
    from = onset + windowsOf(start === null ? P.windowS.value : P.staysS.value + (start.toSpeedS ?? 0), hum);
  }
}

/** The line's frequency by the windows that hum most above what lies beside them; null where it hums nowhere. */
function lineOf(sound: Sound): number | null {
  let best: number | null = null;
  let most: number = P.overNoiseDb.value;
  for (const line of LINES) {
    const { levelDb, noiseDb, hz } = followHum(sound, 2 * line);
    const loud = [...levelDb]
      .map((level, k) => ({ over: level - noiseDb[k]!, hz: hz[k]! }))
      .filter((window) => Math.abs(window.hz / 2 - line) <= LINE_OFF)
      .toSorted((a, b) => b.over - a.over)
      .slice(0, Math.max(5, Math.round(levelDb.length * 0.02)));
    const top = loud.length === 0 ? 0 : median(loud.map(({ over }) => over));
    if (top <= most) continue;
    most = top;
    best = median(loud.map((window) => window.hz)) / 2;
  }
  return best;
}

/** Starts of a motor in a sound, told by its hum at twice the line's frequency, which is found and not assumed. */
export function hearStarts(sound: Sound): Heard {
  const thin = thinnedSound(sound);
  const lineHz = lineOf(thin);
  return { lineHz, starts: lineHz === null ? [] : startsIn(thin, 2 * lineHz) };
}
