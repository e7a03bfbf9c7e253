import type { CallKind, Hold, SessionState } from "@amp-saver/pairing";
import type { RelayRefusal } from "@amp-saver/pairing/relay";
import type { Span } from "./answer.ts";

const CALLS: Readonly<Record<CallKind, { readonly button: string; readonly heard: string; readonly done: string }>> = {
  cool: { button: "Call for cooling", heard: "calls for cooling: set the thermostat to cool.", done: "It is on" },
  off: { button: "Switch it off", heard: "says: switch it off.", done: "It is off" },
  running: { button: "Is it running?", heard: "asks: is it running?", done: "It is running" },
  clamp: { button: "Read the clamp", heard: "says: read the clamp now.", done: "I have read it" },
  stop: { button: "Stop", heard: "says stop. Switch everything off.", done: "Everything is off" },
};

const WHAT: Readonly<Record<Hold["what"], string>> = { dead: "holds the roof as dead", hands: "has hands in the unit" };

/** Two people, two phones. */
export const PAIR = {
  question: "Who works with you?",
  alone: [{ text: "Nobody yet. " }, { text: "Invite the other phone.", decides: true }] satisfies readonly Span[],
  waiting: [{ text: "Not here yet. " }, { text: "Open the link on the other phone.", decides: true }] satisfies readonly Span[],
  with: (name: string): readonly Span[] => [{ text: `${name} is connected. ` }, { text: "Both phones show the same job.", decides: true }],
  cut: (name: string): readonly Span[] => [
    { text: `${name} is out of reach. ` },
    { text: "Both go on alone and catch up.", decides: true },
  ],
  cutDirect: (name: string): readonly Span[] => [
    { text: `${name} is out of reach. ` },
    { text: "Show each other codes again.", decides: true },
  ],
  codesAgain: "Connect again",
  readFirst: "The other shows its code first",
  over: [{ text: "The connection is ended. " }, { text: "Each phone keeps the job.", decides: true }] satisfies readonly Span[],
  otherVersion: [
    { text: "The other phone runs another version. " },
    { text: "Update both, then invite again.", decides: true },
  ] satisfies readonly Span[],
  sure: "It helps you talk. It is no lock-out: padlock and tag stay the rule.",
  name: "Name on the other phone",
  nameWrong: (most: number): string => `Name on the other phone must have 1 to ${most} letters.`,
  usual: { roof: "Roof", below: "Below" },
  ways: "How to connect",
  way: { relay: "Over this server", direct: "Direct, no server", window: "Another window" },
  wayHelp: {
    relay: "Both phones opened this app from the same computer.",
    direct: "Both phones are on one hotspot. Each shows the other a code.",
    window: "For a second window of this browser.",
  },
  invite: "Invite the other phone",
  room: (code: string): string => `Code ${code.slice(0, 5)} ${code.slice(5)}`,
  roomHelp: "Point the other phone’s camera at the picture, or type the code under Join.",
  roomPicture: "Picture code with the link to this room",
  refused: {
    "no-such-room": "There is no room with this code. Ask for a new one.",
    full: "Two phones are in this room already.",
    "too-many": "This server has no room free. Try again in half an hour.",
    "too-many-guesses": "Too many wrong codes. Wait a minute, then try again.",
    unreachable: "The server does not answer. Connect directly instead.",
  } satisfies Readonly<Record<RelayRefusal, string>>,
  show: "Show my code",
  offered: "The other phone reads this code under Join, then shows its own.",
  offerPicture: "Picture code of this phone",
  codeText: "The same as text",
  theirCode: "Code of the other phone",
  takeCode: "Connect",
  scan: "Read it by camera",
  scanning: "Hold the other phone’s picture code before the camera.",
  noCamera: "The camera was not allowed. Paste the code as text.",
  directFailed: {
    "no-code": "This is not a code of the other phone. Take the one it shows now.",
    "not-found": "The two did not find each other in a minute. Check that both are on one hotspot, then show new codes.",
  },
  finding: "Looking for the other phone.",
  joinTitle: "Join",
  join: "Join the other phone",
  joinHelp: "You see the job, answer calls and can call stop.",
  roomCode: "Room code",
  badRoom: "The room code has 10 letters and figures.",
  photos: "Fetch the photos",
  photosLeft: (asked: number, left: number): string =>
    asked === 0 ? "Every photo is here." : left === 0 ? "Every photo came." : `${left} of ${asked} photos are on their way.`,
  end: "End the connection",
  ends: "It ends for both. Each phone keeps the job.",
  ahead: (seconds: number): string =>
    Math.abs(seconds) < 2 ? "Both clocks agree." : `The other clock is ${Math.abs(seconds)} s ${seconds > 0 ? "ahead" : "behind"}.`,
  beside: (n: number): string => `${n === 1 ? "One field was" : `${n} fields were`} typed on both phones at once. The later one counts.`,
  stuck: "This browser did not keep the other phone’s last change. Free some storage. It is tried again with the next change.",
  unread: (n: number): string =>
    `${n === 1 ? "One record" : `${n} records`} of the other phone cannot be read here. Share a rig file instead.`,
  notKept: "This browser has no room to keep the connection over a reload.",
  calls: "Calls",
  call: (what: CallKind): string => CALLS[what].button,
  done: (what: CallKind): string => CALLS[what].done,
  heard: (name: string, what: CallKind): string => `${name} ${CALLS[what].heard}`,
  called: (what: CallKind, name: string, at: string, answer: string | null): string =>
    `${at} ${name}: ${CALLS[what].button}. ${answer === null ? "No answer yet." : `Answered at ${answer}.`}`,
  wait: "Wait. The next call shows here.",
  belowRuns: (unit: string, until: string): string => `${unit} runs until ${until}. Then switch it off.`,
  belowRests: (unit: string, until: string): string => `${unit} rests until ${until}. Then call for cooling.`,
  belowTest: (unit: string, until: string): string => `${unit} is tried until ${until}. Leave it on.`,
  belowFeed: (feed: string): string => `Next off: ${feed}. Lock it and tag it, then tell the roof.`,
  belowReady: "Call for cooling as soon as the roof is ready.",
  whole: "Show the whole job",
  held: (name: string, what: Hold["what"], since: string): string => `${name} ${WHAT[what]} since ${since}.`,
  heldTitle: "Switch nothing on",
  heldSilent: "The other phone is out of reach. It stays locked here until you unlock it.",
  look: "Look at the job",
  unlock: "Unlock it here",
  reason: "Why you unlock it",
  reasonWrong: (most: number): string => `Why you unlock it must have 1 to ${most} letters.`,
  reallyTitle: "Power, with hands in the unit?",
  really: "I spoke to them: their hands are out",
  not: "Leave it off",
  strip: (name: string, line: SessionState["line"]): string => (line === "open" ? `With ${name}` : `${name} out of reach`),
} as const;
