/** Hands on what the microphone hears, a tenth of a second at a time. */
class Tap extends AudioWorkletProcessor {
  constructor() {
    super();
    this.piece = new Float32Array(Math.round(sampleRate / 10));
    this.filled = 0;
  }

  process([[channel] = []]) {
    if (channel === undefined) return true;
    for (const value of channel) {
      this.piece[this.filled++] = value;
      if (this.filled < this.piece.length) continue;
      this.port.postMessage(this.piece.slice());
      this.filled = 0;
    }
    return true;
  }
}
registerProcessor("tap", Tap);
