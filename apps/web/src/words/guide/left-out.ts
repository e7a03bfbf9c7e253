import type { GuideEntry } from "./entry.ts";

/** What the model does not know, and what that means. */
export const LEFT_OUT = [
  {
    id: "other-compressors",
    title: "Compressors of another kind",
    text: ["Two-stage, variable-speed and three-phase compressors are not simulated. A soft starter of this kind does not suit them."],
  },
  {
    id: "saturation",
    title: "Iron and heat in the motor",
    text: ["Iron that saturates and windings that warm up are not in the equations. Their effect lies within the spread of the tries."],
  },
  {
    id: "makers-controls",
    title: "Each maker’s own controls",
    text: [
      "Generators and inverters guard themselves in ways their sheets do not tell. The spread covers the usual ones.",
      "A source that shuts off early for a reason of its own is found only by the run test.",
    ],
  },
  {
    id: "starter-model",
    title: "The starter",
    text: [
      "It is our model of a learning starter, not of any maker’s. Limits and times of yours may differ.",
      "Its sheet decides on wiring, runs, rests and lamps.",
    ],
  },
  {
    id: "refrigerant",
    title: "Refrigerant, coils and air",
    text: [
      "A dirty coil, a wrong charge or a blocked filter raises the load. Running amps far from the expected ones show it.",
      "Humidity is not counted. Outdoor temp stands for the whole load.",
    ],
  },
  {
    id: "code-and-license",
    title: "Code, permits and licenses",
    text: [
      "The rules shown are the usual ones of the NEC, from memory. Your local code and your inspector decide.",
      "Where the work needs a license, leave it to somebody who has one.",
    ],
  },
  {
    id: "clock-and-device",
    title: "This device",
    text: [
      "Timers follow this device’s clock. Records stay on this device until you export them.",
      "The simulation is the same on every device, for the same version of the app.",
    ],
  },
] as const satisfies readonly GuideEntry[];
