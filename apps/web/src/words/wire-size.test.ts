import { describe, expect, it } from "vitest";
import { SOURCE_WORDS } from "./sources.ts";
import { pullForce, wireSize, wireSizes } from "./wire-size.ts";

const plain = (text: string): string => text.replaceAll("\u00a0", " ");

describe("sizes of wire", () => {
  it("are AWG to who reads °F and mm² to who reads °C, never both", () => {
    expect([14, 10, 0].map((awg) => plain(wireSize(awg, "us")))).toEqual(["14 AWG", "10 AWG", "1/0 AWG"]);
    expect([18, 14, 10, 0].map((awg) => plain(wireSize(awg, "si")))).toEqual(["0.82 mm²", "2.1 mm²", "5.3 mm²", "53 mm²"]);
    expect(plain(wireSizes(12, 10, "us"))).toBe("12–10 AWG");
    expect(plain(wireSizes(12, 10, "si"))).toBe("3.3–5.3 mm²");
    expect([pullForce(133, "us"), pullForce(133, "si")].map(plain)).toEqual(["30 lb", "133 N"]);
  });
});

describe("what an engine loses", () => {
  it("is told for feet and °F, or for meters and °C, from one table", () => {
    expect(Object.values(SOURCE_WORDS.altitudeSchools("us")).map(plain)).toEqual([
      "3 % per 1,000 ft",
      "3.5 % per 1,000 ft",
      "by air density",
      "nothing",
    ]);
    expect(plain(SOURCE_WORDS.altitudeSchools("si").common)).toBe("1 % per 100 m");
    expect(plain(SOURCE_WORDS.heatHelp("us"))).toBe("1 % per 10 °F above 77 °F");
    expect(plain(SOURCE_WORDS.heatHelp("si"))).toBe("1.8 % per 10 °C above 25 °C");
  });
});
