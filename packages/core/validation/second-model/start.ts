import type { Windings } from "./field.ts";

/** How a start winding is helped: nothing, a capacitor dropped at a speed, or one behind a PTC that opens once it has taken its heat. */
export interface Aid {
  readonly farad: number;
  readonly dropsAtShare: number | null;
  readonly ohm: number;
  readonly opensAtJ: number | null;
}

/** A starter that lowers the run winding's volts so that the line keeps to a limit: its fundamental, no thyristors. */
export interface Starter {
  readonly limitA: number;
}

/** What feeds it: volts behind a resistance, with a limit it folds back at and its patience, or a breaker. */
export interface Supply {
  readonly volts: number;
  readonly ohm: number;
  readonly limitA: number | null;
  readonly lowShare: number;
  readonly patienceS: number;
  /** Seconds to trip at a multiple of the breaker's rating, and the rating; null where there is none. */
  readonly breaker: { readonly ratingA: number; readonly tripS: (multiple: number) => number } | null;
  /** A battery that its inverter, or its own electronics, cut off; null where there is none. */
  readonly bank: Bank | null;
  /** Watts above which the start may last only so long. */
  readonly rated: { readonly watts: number; readonly seconds: number } | null;
}

/** A battery behind an inverter. */
export interface Bank {
  readonly volts: number;
  readonly ohm: number;
  readonly efficiency: number;
  readonly cutOffV: number;
  readonly peakA: number;
  readonly lastingA: number;
}

/** DC amps at so many watts of AC, and whether the battery stays above its cut-off; by stepping its sag until it stands. */
export function bankAt({ volts, ohm, efficiency, cutOffV }: Bank, watts: number): { readonly amps: number; readonly stands: boolean } {
  let left = volts;
  for (let k = 0; k < 60; k++) left = Math.max(0.3 * volts, volts - (ohm * Math.max(0, watts)) / efficiency / left);
  return { amps: Math.max(0, watts) / efficiency / left, stands: left >= cutOffV };
}

export interface Load {
  readonly ratedNm: number;
  readonly breakaway: number;
  readonly inertia: number;
}

const DT = 1e-4;
const GIVE_UP_S = 2;
const HORIZON_S = 5;
const TAU = 2 * Math.PI;

/** How one start went. */
export interface Outcome {
  readonly made: boolean;
  /** True where the starter let it go by itself, so that it will try again. */
  readonly retries: boolean;
}

/**
 * One start, in flux linkages of four windings (main, start, two of the rotor), integrated by Heun's
 * method. The product's model is in currents, with another integrator and thyristors that fire. `watch`
 * hears every step's currents; a start that is made is followed for `goesOnS` at least.
 */
export function startOf(
  w: Windings,
  hz: number,
  runFarad: number,
  aid: Aid | null,
  starter: Starter | null,
  supply: Supply,
  load: Load,
  othersA: number,
  watch: (mainA: number, startA: number) => void = () => {},
  goesOnS = 0,
): Outcome {
  const w0 = TAU * hz;
  const inductance = (x: number): number => x / w0;
  const lm = inductance(w.xm);
  const l1 = inductance(w.x1) + lm;
  const l2 = inductance(w.x2) + lm;
  const la = inductance(w.xa) + w.a * w.a * lm;
  const lma = w.a * lm;
  const d1 = l1 * l2 - lm * lm;
  const da = la * l2 - lma * lma;
  let farad = runFarad + (aid?.farad ?? 0);
  let series = aid?.ohm ?? 0;
  let aided = aid !== null;
  let heat = 0;
  let [fm, fa, fq, fd, vc, speed, turns] = [0, 0, 0, 0, 0, 0, 0];
  let hold = 1;
  let turnedDown = starter === null ? 1 : 0.3;
  let lowSince: number | null = null;
  let over = 0;
  let dose = 0;
  let [sum, sumW, sumA, count] = [0, 0, 0, 0];
  let heldSince: number | null = null;
  const perHalf = Math.round(0.5 / hz / DT);
  const currents = (): [number, number, number, number] => [
    (l2 * fm - lm * fq) / d1,
    (l2 * fa - lma * fd) / da,
    (l1 * fq - lm * fm) / d1,
    (la * fd - lma * fa) / da,
  ];
  const rates = (t: number): [number, number, number, number, number, number] => {
    const [im, ia, iq, id] = currents();
    const others = Math.SQRT2 * othersA * Math.sin(w0 * t);
    const v = Math.SQRT2 * supply.volts * hold * Math.sin(w0 * t) - supply.ohm * (im + ia + others);
    const torque = lm * (im * id - w.a * ia * iq);
    const opposing = load.ratedNm * (load.breakaway + (1 - load.breakaway) * Math.min(1, turns / 300));
    const accelerating = (torque - opposing) / load.inertia;
    return [
      turnedDown * v - w.r1 * im,
      v - vc - (w.ra + series) * ia,
      -w.r2 * iq + speed * fd,
      -w.r2 * id - speed * fq,
      ia / farad,
      speed <= 0 && accelerating < 0 ? 0 : accelerating,
    ];
  };
  const move = (k: readonly number[], h: number): void => {
    fm += h * k[0]!;
    fa += h * k[1]!;
    fq += h * k[2]!;
    fd += h * k[3]!;
    vc += h * k[4]!;
    speed += h * k[5]!;
  };
  for (let n = 0; n * DT < HORIZON_S; n++) {
    const t = n * DT;
    const kept = [fm, fa, fq, fd, vc, speed] as const;
    const k1 = rates(t);
    move(k1, DT);
    const k2 = rates(t + DT);
    [fm, fa, fq, fd, vc, speed] = kept;
    move(
      k1.map((k, i) => (k + k2[i]!) / 2),
      DT,
    );
    if (speed < 0) speed = 0;
    turns += (speed / TAU) * DT;
    const [im, ia] = currents();
    const motor = (starter === null ? im : turnedDown * im) + ia;
    const total = motor + Math.SQRT2 * othersA * Math.sin(w0 * (t + DT));
    const v = Math.SQRT2 * supply.volts * hold * Math.sin(w0 * (t + DT)) - supply.ohm * total;
    watch(motor - ia, ia);
    sum += total * total;
    sumW += v * total;
    sumA += motor * motor;
    count += 1;
    if (aided && aid !== null) {
      heat += ia * ia * (aid.farad / farad) ** 2 * aid.ohm * DT;
      const share = speed / w0;
      if ((aid.dropsAtShare !== null && share >= aid.dropsAtShare) || (aid.opensAtJ !== null && heat >= aid.opensAtJ)) {
        aided = false;
        farad = runFarad;
        series = 0;
      }
    }
    if (count < perHalf) continue;
    const rms = Math.sqrt(sum / count);
    const motorA = Math.sqrt(sumA / count);
    const watts = sumW / count;
    [sum, sumW, sumA, count] = [0, 0, 0, 0];
    if (supply.limitA !== null) {
      hold = rms > supply.limitA ? hold * (supply.limitA / rms) : Math.min(1, hold * 1.1, (hold * supply.limitA) / Math.max(1e-9, rms));
      const drawn = supply.bank && bankAt(supply.bank, watts);
      const fed = drawn === null || supply.bank === null || (drawn.stands && drawn.amps <= supply.bank.peakA);
      if (hold >= supply.lowShare && fed) lowSince = null;
      else lowSince ??= t;
      if (lowSince !== null && t - lowSince > supply.patienceS) return { made: false, retries: false };
    }
    if (supply.rated !== null && watts > supply.rated.watts) over += 0.5 / hz;
    if (supply.rated !== null && over > supply.rated.seconds) return { made: false, retries: false };
    if (supply.breaker !== null) {
      dose += 0.5 / hz / supply.breaker.tripS(rms / supply.breaker.ratingA);
      if (dose >= 1) return { made: false, retries: false };
    }
    if (starter !== null) {
      const error = (starter.limitA - motorA) / starter.limitA;
      turnedDown = Math.max(0.2, Math.min(1, turnedDown + 0.25 * error));
      if (t > GIVE_UP_S && speed < 0.93 * w0) return { made: false, retries: true };
    }
    if (speed >= 0.9 * w0) heldSince ??= t;
    else heldSince = null;
    if (heldSince !== null && t - heldSince >= 0.25 && t >= goesOnS) return { made: true, retries: false };
  }
  return { made: false, retries: false };
}
