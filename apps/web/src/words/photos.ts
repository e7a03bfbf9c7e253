/** Words about photos of a unit. */
export const PHOTO_WORDS = {
  title: "Photos",
  take: {
    plate: "Photograph the plate",
    diagram: "Photograph the diagram",
    "as-found": "Photograph it as found",
    step: "Photograph this step",
    "as-built": "Photograph it as built",
    other: "Another photo",
  },
  of: { plate: "Plate", diagram: "Diagram", "as-found": "As found", step: "Step", "as-built": "As built", other: "Photo" },
  file: "Picture file",
  note: "Note",
  remove: "Delete this photo",
  absent: "Picture is not on this device",
  underWay: (count: number): string => (count === 1 ? "Keeping the photo." : `Keeping ${count} photos.`),
  refused: (name: string): string => `${name} is not a picture this browser can read. Nothing has changed.`,
} as const;
