/** Words of one's own library of models. */
export const LIBRARY = {
  title: "Library",
  question: "Which models do you know?",
  answer: (models: number, units: number) => [
    {
      text:
        models === 0
          ? "None yet. "
          : `${models === 1 ? "1 model" : `${models} models`} from ${units === 1 ? "1 unit" : `${units} units`}. `,
    },
    { text: models === 0 ? "Keep a unit from its Hand over." : "The next unit of a model is offered what you learned.", decides: true },
  ],
  sure: "A model is kept without rig, customer or name. It is never applied unseen.",
  search: "Model, board, color, trait",
  noMatch: "No model matches.",
  export: "Export the library",
  notOut: "The library could not be exported. Nothing has changed. Try again.",
  remove: (model: string): string => `Delete ${model}`,
  note: "Note",
  link: "Library of models",
  keep: (model: string): string => `Keep ${model} in your library`,
  keepMore: (model: string, units: number): string => `Add this unit to ${model} in your library, ${units} so far`,
  kept: "Kept in your library",
  noModel: "Enter the model under Survey to keep this unit in your library.",
  done: (units: number, day: string, minutes: number | null): string =>
    `You have done ${units === 1 ? "one" : units} of these, last on ${day}${minutes === null ? "" : `, in ${minutes} min`}.`,
  imported: "This model is in your library.",
  from: "What you know of this model",
  groups: { plate: "Plate", wiring: "Circuit as found", fitted: "Starter’s place and screws", kit: "Kit that went up" },
  take: { plate: "Use these where this unit has none", wiring: "Use this circuit", fitted: "Use this place" },
  seen: (what: string): string => `Seen inside: ${what.toLowerCase()}`,
  photos: "Photos to keep with the model",
  photosHelp: (most: number): string => `At most ${most}, made small. Tick none that shows a name or a place.`,
  photo: (of: string, n: number): string => `${of}, photo ${n}`,
  picture: (of: string, model: string): string => `${of}, another ${model}`,
  notKept: "A photo could not be read. Nothing was kept. Untick it and try again.",
  taken: "Taken over. Look at each on this unit.",
  alike: "as here",
  differs: (here: string): string => `here ${here}`,
  year: (year: number): string => `made ${year}`,
  circuit: (parts: number, wires: number): string => `${parts} parts, ${wires} wires`,
  colors: (colors: readonly string[]): string => `Colors: ${colors.join(", ")}`,
  boxes: "a second electrical box",
  lidLow: "little room under the lid",
  screws: (place: string, hidden: string): string => `${place}: screws hidden by ${hidden}`,
  lead: (lead: string, route: string): string => `Shortest lead ${lead}, route ${route}`,
} as const;
