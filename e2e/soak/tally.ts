import { SeededRandom } from "@amp-saver/core/numeric";

/** What a part of the soak tried, how each try ended, and what should not have been. */
export interface Tally {
  readonly what: string;
  readonly tried: number;
  readonly ended: Readonly<Record<string, number>>;
  /** Lost, hung or let in: one line each, with the try it happened in. */
  readonly faults: readonly string[];
}

/** Counts tries as they end. */
export class Counter {
  private readonly ended: Record<string, number> = {};
  private readonly faults: string[] = [];
  private tried = 0;
  private readonly what: string;

  constructor(what: string) {
    this.what = what;
  }

  /** One try is over. */
  end(how: string): void {
    this.tried += 1;
    this.ended[how] = (this.ended[how] ?? 0) + 1;
  }

  /** Something was lost, hung or let in. */
  fault(line: string): void {
    this.faults.push(`try ${this.tried}: ${line}`);
  }

  tally(): Tally {
    return { what: this.what, tried: this.tried, ended: this.ended, faults: this.faults };
  }
}

/** Chances drawn from a seed; each part has a stream of its own. */
export class Chance {
  private readonly random: SeededRandom;

  constructor(seed: number, stream: number) {
    this.random = new SeededRandom(seed, stream);
  }

  /** A whole number from 0 up to but not `below`. */
  upTo(below: number): number {
    return Math.floor(this.random.next() * below);
  }

  /** One of several. */
  of<T>(all: readonly T[]): T {
    return all[this.upTo(all.length)] as T;
  }

  /** Whether one of so many times. */
  oneIn(times: number): boolean {
    return this.upTo(times) === 0;
  }

  between(low: number, high: number): number {
    return this.random.between(low, high);
  }
}
