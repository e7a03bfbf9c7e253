import { STARTING_POINTS } from "@amp-saver/core/study/as-found";
import { afterAll, beforeEach, describe, expect, it } from "vitest";
import { openApp, type Session } from "../browser.ts";
import { hasten } from "../clock.ts";
import { answerLike, press } from "../hands.ts";
import { type Played, playWiring } from "./play.ts";

const played = new Map<string, Played>();
let session: Session;
beforeEach(async () => {
  session = await openApp("/");
  await hasten(session.page, 1);
  await session.page.reload({ waitUntil: "load" });
  await press(session.page, "Look at an example");
  await answerLike(session.page, /Tin Lantern: /);
  return () => session.close();
});
afterAll(() => {
  for (const [id, { plan, ends, steps, back }] of played)
    process.stdout.write(`${id}: ${plan} ${ends.length} joints, ${steps.length} steps in, ${back.length} back\n`);
});

/** Every wiring met in the field, as a person goes through it: planned, bought for, fitted, checked and undone. */
describe("every wiring met in the field, through the interface", () => {
  it.each(STARTING_POINTS.map(({ id }) => id))("%s", async (id) => {
    const house = id.startsWith("condenser");
    const job = house ? "/job/demo-condenser-job" : "/job/demo-rear-job";
    const found = await playWiring(session.page, job, id, session.downloads);
    played.set(id, found);
    for (const end of found.ends) expect(end).toMatch(/goes onto|goes under|goes into|takes a male|is joined|goes into a female/);
    expect(found.ends.length).toBeGreaterThanOrEqual(4);
    expect(found.steps.length).toBeGreaterThan(found.ends.length);
    expect(found.back.length).toBeGreaterThan(3);
    expect(session.complaints).toEqual([]);
  });
});
