/** Places that are not built yet: what they will do, and what to keep in mind until then. */
export const LATER_PLACES = {
  practice: {
    question: "What goes wrong, and how does it look?",
    will: "This place will be a bench to practise on, with faults to find.",
    meanwhile: "Until then, Check shows what a stall and a drop-out look like on any source.",
  },
} as const;

export const NOT_YET = "Not here yet.";
