import type { Stage } from "@amp-saver/records";

/** Stages and places that are not built yet: what they will do, and what to keep in mind until then. */
export const LATER: Readonly<Partial<Record<Stage, { readonly question: string; readonly will: string; readonly meanwhile: string }>>> = {
  "hand-over": {
    question: "What does the next person need to know?",
    will: "This stage will make the sheet, the label and the reminders for whoever comes next.",
    meanwhile: "Until then, export the rig: the file holds everything that was entered.",
  },
};

export const LATER_PLACES = {
  practice: {
    question: "What goes wrong, and how does it look?",
    will: "This place will be a bench to practise on, with faults to find.",
    meanwhile: "Until then, Check shows what a stall and a drop-out look like on any source.",
  },
} as const;

export const NOT_YET = "Not here yet.";
export const LATER_LINKS = { check: "Go to Check", prove: "Go to Prove" } as const;
