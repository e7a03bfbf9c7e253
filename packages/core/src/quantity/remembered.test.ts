import fc from "fast-check";
import { expect, it } from "vitest";
import { remembered } from "./remembered.ts";

it("answers as the work does, whatever was asked before, and works nothing of the last few out again", () => {
  fc.assert(
    fc.property(fc.array(fc.record({ a: fc.nat(6), b: fc.nat(1) }), { maxLength: 60 }), fc.integer({ min: 1, max: 5 }), (asked, most) => {
      let worked = 0;
      const sum = remembered(({ a, b }: { a: number; b: number }) => {
        worked += 1;
        return a * 10 + b;
      }, most);
      let wanted = 0;
      const last: string[] = [];
      for (const question of asked) {
        const key = `${question.a} ${question.b}`;
        const at = last.indexOf(key);
        if (at < 0) wanted += 1;
        else last.splice(at, 1);
        last.push(key);
        if (last.length > most) last.shift();
        expect(sum({ ...question })).toBe(question.a * 10 + question.b);
      }
      expect(worked).toBe(wanted);
    }),
  );
});
