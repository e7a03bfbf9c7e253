import { describe, expect, it } from "vitest";
import { LONG } from "../long.ts";
import { clocks } from "./clocks.ts";
import { files } from "./files.ts";
import { headless } from "./headless.ts";
import { kills } from "./kills.ts";
import { answer } from "./questions.ts";
import { quota } from "./quota.ts";
import { streams } from "./streams.ts";
import { tabs } from "./tabs.ts";
import { Chance, type Tally } from "./tally.ts";
import { updates } from "./updates.ts";

const SEED = 11;
const here = async (question: Parameters<typeof answer>[0]): Promise<ReturnType<typeof answer>> => answer(question);

/** A little of what `npm run soak` does at length, all at once: a full device is waited for longest. */
describe("a sample of the soak", LONG, () => {
  it.concurrent.each<readonly [string, number, (chance: Chance) => Promise<Tally>]>([
    ["files", 300, (chance) => files(chance, 300, here)],
    ["headless cases", 40, (chance) => headless(chance, 40, here)],
    ["streams", 100, (chance) => streams(chance, 100, SEED)],
    ["kills", 3, (chance) => kills(chance, 3)],
    ["two tabs", 6, (chance) => tabs(chance, 6)],
    ["updates", 1, (chance) => updates(chance, 0, 1)],
    ["a full device", 1, (chance) => quota(chance, 1)],
    ["clocks", 2, (chance) => clocks(chance, 2)],
  ])("%s: %i tries, nothing lost, hung or let in", async (what, tries, part) => {
    const { tried, faults } = await part(new Chance(SEED, what.length));
    expect(faults).toEqual([]);
    expect(tried).toBe(tries);
  });
});
