import { type Sound, thinnedSound } from "./hum.ts";
import { BY_EAR_PARAMS as P } from "./params.ts";
import { endOf, type Heard, type HeardStart, hearStarts } from "./run.ts";

/** Two starts nearer than this are one that was looked at twice, s. */
const SAME_S = 0.5;

/** Listens on and on: only the last half minute is kept at hand, and every start is told once. */
export class Listener {
  private tail: Sound = { samples: new Float32Array(0), sampleHz: P.workHz.value };
  private tailFromS = 0;
  private waiting: Float32Array = new Float32Array(0);
  private starts: readonly HeardStart[] = [];
  private lineHz: number | null = null;

  /** Sound that came since the last time; what is too little for a thinned sample waits for more. */
  push(sound: Sound): void {
    const raw = new Float32Array(this.waiting.length + sound.samples.length);
    raw.set(this.waiting);
    raw.set(sound.samples, this.waiting.length);
    const { samples, sampleHz } = thinnedSound({ samples: raw, sampleHz: sound.sampleHz });
    this.waiting = raw.slice(samples.length * Math.round(sound.sampleHz / sampleHz));
    const together = new Float32Array(this.tail.samples.length + samples.length);
    together.set(this.tail.samples);
    together.set(samples, this.tail.samples.length);
    this.tail = { samples: together, sampleHz };
  }

  /** How long it has listened, s. */
  get seconds(): number {
    return this.tailFromS + this.tail.samples.length / this.tail.sampleHz;
  }

  /** Everything heard so far, times from when it began. */
  heard(): Heard {
    const { lineHz, starts } = hearStarts(this.tail);
    this.lineHz = lineHz ?? this.lineHz;
    for (const found of starts) this.note(shifted(found, this.tailFromS));
    this.starts = this.starts.map((start) => this.ended(start));
    this.forget();
    return { lineHz: this.lineHz, starts: this.starts };
  }

  private note(start: HeardStart): void {
    const last = this.starts.at(-1);
    if (last !== undefined && start.onsetS < last.onsetS + SAME_S) {
      if (Math.abs(start.onsetS - last.onsetS) < SAME_S)
        this.starts = [...this.starts.slice(0, -1), { ...start, endS: last.endS ?? start.endS }];
      return;
    }
    this.starts = [...this.starts, start];
  }

  private ended(start: HeardStart): HeardStart {
    if (start.endS !== null || start.humHz === null || start.humDb === null) return start;
    const from = Math.max(0, start.onsetS + (start.toSpeedS ?? 0) + P.staysS.value - this.tailFromS);
    const endS = endOf(this.tail, start.humHz, start.humDb, from);
    return endS === null ? start : { ...start, endS: endS + this.tailFromS };
  }

  private forget(): void {
    const { samples, sampleHz } = this.tail;
    const over = samples.length - Math.round(P.keptS.value * sampleHz);
    if (over <= 0) return;
    this.tail = { samples: samples.slice(over), sampleHz };
    this.tailFromS += over / sampleHz;
  }
}

function shifted(start: HeardStart, by: number): HeardStart {
  return { ...start, onsetS: start.onsetS + by, endS: start.endS === null ? null : start.endS + by };
}

/** Runs and the rests between them, s, as far as both their ends were heard. */
export function runsAndRests(starts: readonly HeardStart[]): { readonly runS: readonly number[]; readonly restS: readonly number[] } {
  const runS = starts.flatMap(({ outcome, onsetS, endS }) => (outcome === "ran" && endS !== null ? [endS - onsetS] : []));
  const restS = starts.flatMap(({ endS }, k) => {
    const next = starts[k + 1];
    return endS === null || next === undefined ? [] : [next.onsetS - endS];
  });
  return { runS, restS };
}
