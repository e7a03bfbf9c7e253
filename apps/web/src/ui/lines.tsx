import { SectionHeading } from "../ui/layout/section-heading.tsx";
/** A heading and lines under it; nothing where there are none. */
export function Lines({ head, lines }: { readonly head: string; readonly lines: readonly string[] }) {
  if (lines.length === 0) return null;
  return (
    <section className="when-near mt-4 [--near-height:6rem]">
      <SectionHeading>{head}</SectionHeading>
      <ul className="list-disc py-1 pl-6">
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
    </section>
  );
}
