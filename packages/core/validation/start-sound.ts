import { SeededRandom } from "../src/numeric/index.ts";
import { type StartCase, type StartResult, studyStart } from "../src/study/motor-start/index.ts";

export const SAMPLE_HZ = 8000;
/** Share of the growl that a running motor's iron hums with (assumed; no source). */
const FLUX_SHARE = 0.15;

/** How fast an engine is dragged down, and how slowly it comes back, s (assumed; no source). */
const DRAG_S = 0.1;
const BACK_S = 0.5;
/** The lowest such an engine comes to, Hz below where it was. */
export const lowestDropHz = (dropHz: number): number => dropHz * Math.exp(-DRAG_S / BACK_S);

/** How a start is heard: what else sounds beside it, and how loud its growl is over the noise, dB. */
export interface Scene {
  readonly seed: number;
  readonly growlOverNoiseDb: number;
  readonly fan: boolean;
  readonly engine: boolean;
  readonly voices: boolean;
  readonly secondUnit: boolean;
  /** By how much an engine is dragged down at once, line frequency, Hz; it comes back within about a second. */
  readonly dropHz?: number;
  /** When it is switched off again, s from the beginning; absent for never. */
  readonly offS?: number;
}

/** Noise whose power falls with frequency, of one root mean square (P. Kellet's filter, from memory). */
function pinkNoise(random: SeededRandom, length: number): Float32Array {
  const out = new Float32Array(length);
  let [a, b, c] = [0, 0, 0];
  let power = 0;
  for (let k = 0; k < length; k++) {
    const white = random.between(-1, 1);
    a = 0.99765 * a + white * 0.099046;
    b = 0.963 * b + white * 0.2965164;
    c = 0.57 * c + white * 1.0526913;
    out[k] = a + b + c + white * 0.1848;
    power += out[k]! ** 2;
  }
  const rms = Math.sqrt(power / length);
  return out.map((v) => v / rms);
}

/** Voices: pitch that wanders between 85 and 220 Hz, harmonics that fall off, syllables and pauses. */
export function voices(random: SeededRandom, length: number): Float32Array {
  const out = new Float32Array(length);
  let pitch = random.between(95, 200);
  let drift = 0;
  let loud = 0;
  let aim = 0;
  let left = 0;
  let phase = 0;
  for (let k = 0; k < length; k++) {
    if (left-- <= 0) {
      left = Math.round(SAMPLE_HZ * random.between(0.08, 0.4));
      aim = random.next() < 0.3 ? 0 : random.between(0.4, 1.4);
      drift = random.between(-60, 60) / SAMPLE_HZ;
      if (random.next() < 0.1) pitch = random.between(85, 220);
    }
    loud += (aim - loud) * (20 / SAMPLE_HZ);
    pitch = Math.min(220, Math.max(85, pitch + drift + random.between(-0.25, 0.25)));
    phase += (2 * Math.PI * pitch) / SAMPLE_HZ;
    let sum = 0;
    for (let h = 1; h <= 8; h++) sum += Math.sin(h * phase) / h;
    out[k] = loud * sum;
  }
  return out;
}

/** Gusts: pink noise whose loudness wanders. */
export function wind(random: SeededRandom, length: number): Float32Array {
  const noise = pinkNoise(random, length);
  let loud = 1;
  let aim = 1;
  for (let k = 0; k < length; k++) {
    if (k % SAMPLE_HZ === 0) aim = random.between(0.2, 3);
    loud += (aim - loud) * (3 / SAMPLE_HZ);
    noise[k]! *= loud;
  }
  return noise;
}

const studied = new Map<StartCase, StartResult>();

/** The start study of a case, worked out once. */
function resultOf(given: StartCase): StartResult {
  const known = studied.get(given);
  if (known !== undefined) return known;
  const study = studyStart(given);
  if (!study.ok) throw new Error(study.reason);
  studied.set(given, study.value.result);
  return study.value.result;
}

/** The sound of a simulated start: torque that pulsates with the current, the rotor's own tone, and what sounds beside it. Switched on at `onS`. */
export function soundOfStart(
  given: StartCase,
  scene: Scene,
  onS: number,
  seconds: number,
): { readonly samples: Float32Array; readonly toSpeedS: number | null } {
  const { cycles, startS } = resultOf(given);
  const random = new SeededRandom(scene.seed);
  const length = Math.round(seconds * SAMPLE_HZ);
  const noise = pinkNoise(random, length);
  const growl = 10 ** (scene.growlOverNoiseDb / 20) * Math.SQRT2;
  const most = Math.max(...cycles.map((c) => c.compressorA));
  const lineHz = given.unit.hz;
  const phases = Array.from({ length: 8 }, () => random.between(0, 2 * Math.PI));
  const out = new Float32Array(length);
  const blather = scene.voices ? voices(random, length) : null;
  let row = 0;
  let rotor = 0;
  let w = 0;
  for (let k = 0; k < length; k++) {
    const t = k / SAMPLE_HZ - onS;
    const isOff = scene.offS !== undefined && k / SAMPLE_HZ > scene.offS;
    const dragged = t < 0 ? 0 : (scene.dropHz ?? 0) * Math.exp(-t / BACK_S) * Math.min(1, t / DRAG_S);
    w += (2 * Math.PI * 2 * (lineHz - dragged)) / SAMPLE_HZ;
    while (row < cycles.length - 1 && cycles[row]!.t < t) row++;
    const { compressorA, radS } = cycles[row]!;
    // Force in the iron goes with the square of the flux, which is there as long as volts are; the rest of it goes with the current.
    const hum = t < 0 || isOff ? 0 : growl * (FLUX_SHARE + (1 - FLUX_SHARE) * (compressorA / most) ** 1.3);
    const slip = Math.max(0, 1 - radS / (2 * Math.PI * lineHz));
    const beat = 1 + 0.3 * slip * Math.sin(2 * Math.PI * 2 * slip * lineHz * t);
    rotor += radS / SAMPLE_HZ;
    let value =
      noise[k]! + hum * beat * (Math.sin(w + phases[0]!) + 0.4 * Math.sin(2 * w + phases[1]!) + 0.2 * Math.sin(3 * w + phases[2]!));
    if (t > 0 && !isOff) value += 0.15 * growl * Math.sin(rotor);
    if (scene.fan) value += 0.5 * Math.sin(2 * Math.PI * 87 * (k / SAMPLE_HZ) + phases[3]!) + 0.4 * noise[(k * 7) % length]!;
    if (scene.secondUnit) value += 0.12 * growl * Math.sin(w + phases[4]!);
    if (scene.engine)
      for (const [h, loud] of [0.8, 1, 0.5, 0.35].entries())
        value += 0.25 * loud * Math.sin(2 * Math.PI * 27.3 * (h + 1) * (k / SAMPLE_HZ) + phases[5]!);
    if (blather !== null) value += 0.5 * blather[k]!;
    out[k] = 0.02 * value;
  }
  return { samples: out, toSpeedS: startS };
}
