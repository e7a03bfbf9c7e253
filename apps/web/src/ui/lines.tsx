/** A heading and lines under it; nothing where there are none. */
export function Lines({ head, lines }: { readonly head: string; readonly lines: readonly string[] }) {
  if (lines.length === 0) return null;
  return (
    <section className="mt-4">
      <h2 className="border-b-[1.5px] border-ink pb-1 font-bold">{head}</h2>
      <ul className="list-disc py-1 pl-6">
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </section>
  );
}
