/** Writes a rig file with this many jobs: rigs of two units and two sources, six readings each, made from the demo's by other ids and names. */
export function bigLogbook(demo, jobs) {
  const rig = demo.find((r) => r.kind === "rig");
  const of = (kind) => demo.filter((r) => r.kind === kind && r.rigId === rig.id);
  const parts = [rig, ...of("unit"), ...of("source").slice(0, 2), ...of("job"), ...of("reading").slice(0, 6)];
  const ids = new Set(parts.map((r) => r.id));
  const perRig = parts.filter((r) => r.kind === "job").length;
  const records = [];
  for (let k = 0; k < Math.ceil(jobs / perRig); k++) {
    const day = new Date(Date.UTC(2012, 0, 1) + k * 86_400_000).toISOString();
    for (const part of parts) {
      const copy = { ...part, updatedAt: day, createdAt: day };
      for (const [field, value] of Object.entries(copy)) if (typeof value === "string" && ids.has(value)) copy[field] = `${value}-${k}`;
      if (copy.kind === "rig") copy.name = `${rig.name} ${k}`;
      if (copy.kind === "job")
        Object.assign(copy, { starterId: null, sourceId: ids.has(part.sourceId) ? copy.sourceId : null, answer: null });
      if (copy.kind === "reading" && !ids.has(part.sourceId)) copy.sourceId = null;
      records.push(copy);
    }
  }
  const shared = Object.fromEntries(records.filter((r) => r.kind === "rig").map((r) => [r.id, { revision: `out of ${r.id}`, seen: [] }]));
  return { format: "amp-saver/rigs", version: 2, shared, exportedAt: "2026-06-21T18:41:00.000Z", coreVersion: "0.1.0", records };
}
