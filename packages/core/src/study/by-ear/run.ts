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
  /** By how much the line's frequency was lower while it started than after, Hz: an engine that is dragged down. Null where it was not. */
  readonly dropHz: number | null;
  /** Its hum once it ran, dB of full scale, and that hum's frequency, Hz; null where it came to none. */
  readonly humDb: number | null;
  readonly humHz: number | null;
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

/** How far a tone in a stretch is over the noise beside it, dB; the less loud half of the stretch, too: no voice holds a tone. */
function toneOver(sound: Sound, hz: number, fromS: number, toS: number): { readonly whole: number; readonly half: number } {
  const over = (from: number, to: number): number => {
    const { levelDb, noiseDb } = toneIn(sound, hz, from, to);
    return levelDb - noiseDb;
  };
  const halfway = (fromS + toS) / 2;
  return { whole: over(fromS, toS), half: Math.min(over(fromS, halfway), over(halfway, toS)) };
}

/** The frequency at which a stretch hums, at one of some distances from `hz`; null where it hums at none, by so many dB more than usual. */
function humIn(sound: Sound, hz: number, fromS: number, toS: number, away: readonly number[] = NEAR_HZ, moreDb = 0): number | null {
  const least = P.goesOnDb.value + moreDb;
  const loudest = away
    .map((by) => ({ hz: hz + by, whole: toneOver(sound, hz + by, fromS, toS).whole }))
    .toSorted((a, b) => b.whole - a.whole)[0]!;
  if (loudest.whole <= least) return null;
  return toneOver(sound, loudest.hz, fromS, toS).half > least - (2 * HALF_DB) / 3 ? loudest.hz : null;
}
const NEAR_HZ = [0, -0.2, 0.2, -0.4, 0.4, -0.6, 0.6];
/** Where a line comes back to from the lowest it may be dragged to, Hz of its hum, in steps that a stretch of two seconds tells apart. */
const FAR_HZ = Array.from({ length: Math.round((2 * P.mostDropHz.value) / 0.4) }, (_, k) => 0.8 + 0.4 * k);

function startAt(sound: Sound, hz: number, hum: Hum, onset: number): HeardStart | null {
  const { levelDb, hopS } = hum;
  const over = windowsOf(P.windowS.value, hum);
  const least = windowsOf(P.leastS.value, hum);
  const most = Math.min(levelDb.length - 1, onset + windowsOf(P.mostS.value, hum));
  const plateau = Math.max(...between(levelDb, onset + Math.floor(over / 2), Math.min(most, onset + over + least + 1)));
  const timeOf = (k: number): number => (k + over / 2) * hopS;
  const low = plateau - P.fallDb.value;
  let down = onset + Math.max(1, Math.floor(over / 2));
  // A growl swells and sinks with the slip: it is down once it does not come back.
  const stays = (k: number): boolean => Math.max(SILENCE_DB, ...between(levelDb, k, k + 4 * over)) < low + P.fallDb.value / 2;
  while (down < most && !(levelDb[down]! < low && stays(down))) down++;
  const on = windowsOf(P.staysS.value, hum);
  const bare = { onsetS: timeOf(onset), toSpeedS: null, toleranceS: 0, endS: null, dropHz: null, humDb: null, humHz: null, beside: false };
  // Another pitch than the line's is none of its motors.
  const pitch = middleHz(hum, onset + Math.floor(over / 2), onset + over + least);
  const atLine = Math.abs(pitch - hz) <= P.steadyHz.value;
  if (down >= most) {
    if (levelDb.length <= onset + windowsOf(P.mostS.value, hum)) return null;
    if (!atLine || waverOf(hum, onset + over, most) > P.steadyHz.value) return null;
    return { ...bare, outcome: "stalled" };
  }
  // What is not heard to its end is not told.
  if (down + over + on > levelDb.length) return null;
  const steady = waverOf(hum, onset + Math.floor(over / 2), down, plateau - 2 * P.fallDb.value) <= P.steadyHz.value;
  const [fromS, toS] = [timeOf(down + over), timeOf(down + over + on)];
  const near = atLine && steady ? humIn(sound, hz, fromS, toS) : null;
  const humHz = near ?? humIn(sound, Math.min(pitch, hz), fromS, toS, FAR_HZ, FAR_MORE_DB);
  const beside = humIn(sound, hz, timeOf(onset) - P.beforeS.value, timeOf(onset) - P.windowS.value) !== null;
  if (humHz === null) {
    const lasted = timeOf(down) - timeOf(onset);
    if (!atLine || !steady || lasted < P.staysS.value / 2) return null;
    return { ...bare, outcome: "cut-off", endS: timeOf(down), beside };
  }
  const settled = middle(levelDb, down + over, down + over + on);
  // Half of the fall, in decibels: where the current falls fastest.
  const half = (plateau + settled) / 2;
  let at = down;
  while (at > onset && levelDb[at - 1]! < half) at--;
  while (at < most && levelDb[at]! > half) at++;
  const dragged = near === null ? (humHz - lowestHz(hum, onset + Math.floor(over / 2), at)) / 2 : 0;
  return {
    ...bare,
    toSpeedS: (at - onset) * hopS,
    toleranceS: P.windowS.value / 2 + hopS,
    outcome: "ran",
    endS: endOf(sound, humHz, settled, toS),
    dropHz: dragged >= P.leastDropHz.value ? dragged : null,
    humDb: settled,
    humHz,
    beside,
  };
}

/** How much louder than usual a hum must be that is looked for at many places. */
const FAR_MORE_DB = 3;
/** Share of windows that may lie below the lowest frequency told. */
const LOWEST_SHARE = 0.15;

function lowestHz(hum: Hum, from: number, to: number): number {
  const own = between(hum.hz, from, Math.max(to, from + 1)).toSorted((a, b) => a - b);
  return own[Math.floor(LOWEST_SHARE * own.length)]!;
}

/** When a hum that ran ends: from there on it stays below its own level; null where it goes on. */
export function endOf(sound: Sound, humHz: number, humDb: number, fromS: number): number | null {
  const from = Math.round(fromS * sound.sampleHz);
  const rest = { samples: sound.samples.subarray(from), sampleHz: sound.sampleHz };
  const { levelDb, hopS } = followHum(rest, humHz);
  const span = Math.max(1, Math.round(P.endS.value / hopS));
  let power = 0;
  const powers = levelDb.map((level) => 10 ** (level / 10));
  for (let k = 0; k < powers.length; k++) {
    power += powers[k]! - (k >= span ? powers[k - span]! : 0);
    if (k + 1 >= span && 10 * Math.log10(power / span + 1e-14) < humDb - P.endDb.value) return fromS + (k + 1 - span) * hopS;
  }
  return null;
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
