const BEEPS = [0, 0.35, 0.7];
const BEEP_S = 0.2;
const BEEP_HZ = 880;

/** Draws attention on a device that may lie on the roof: three beeps, three shakes, and the words where this device has a voice of its own. */
export function alertWith(words: string): void {
  if (typeof navigator.vibrate === "function") navigator.vibrate([200, 120, 200, 120, 200]);
  beep();
  speak(words);
}

function beep(): void {
  if (typeof AudioContext !== "function") return;
  const context = new AudioContext();
  const gain = context.createGain();
  gain.gain.value = 0.4;
  gain.connect(context.destination);
  for (const at of BEEPS) {
    const tone = context.createOscillator();
    tone.frequency.value = BEEP_HZ;
    tone.connect(gain);
    tone.start(context.currentTime + at);
    tone.stop(context.currentTime + at + BEEP_S);
  }
  setTimeout(() => void context.close(), 2000);
}

/** Only voices that live on the device: others would send the words away. */
function speak(words: string): void {
  if (!("speechSynthesis" in globalThis)) return;
  const voice = speechSynthesis.getVoices().find((v) => v.localService && v.lang.startsWith("en"));
  if (voice === undefined) return;
  const said = new SpeechSynthesisUtterance(words);
  said.voice = voice;
  speechSynthesis.speak(said);
}
