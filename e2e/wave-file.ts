/** Samples as a file of sound: RIFF WAVE, 16 bits, one channel. */
export function waveFile(samples: Float32Array, sampleHz: number): Buffer {
  const head = Buffer.alloc(44);
  head.write("RIFF", 0, "latin1");
  head.writeUInt32LE(36 + samples.length * 2, 4);
  head.write("WAVEfmt ", 8, "latin1");
  head.writeUInt32LE(16, 16);
  head.writeUInt16LE(1, 20);
  head.writeUInt16LE(1, 22);
  head.writeUInt32LE(sampleHz, 24);
  head.writeUInt32LE(sampleHz * 2, 28);
  head.writeUInt16LE(2, 32);
  head.writeUInt16LE(16, 34);
  head.write("data", 36, "latin1");
  head.writeUInt32LE(samples.length * 2, 40);
  const body = Buffer.alloc(samples.length * 2);
  for (const [k, value] of samples.entries()) body.writeInt16LE(Math.max(-32_768, Math.min(32_767, Math.round(value * 65_536))), 2 * k);
  return Buffer.concat([head, body]);
}
