/** Reads the faces that no screen has used yet, so that none that uses them is laid out twice. */
export function readFaces(): void {
  for (const face of document.fonts) if (face.status === "unloaded") face.load().catch(() => undefined);
}
