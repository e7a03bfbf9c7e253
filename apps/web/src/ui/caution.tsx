/** A caution where the hazard is: words first, a struck frame, never colour alone. */
export function Caution({ title, children }: { readonly title: string; readonly children: React.ReactNode }) {
  return (
    <aside className="border-2 border-lead px-3 py-2" aria-label={title}>
      <p className="font-bold text-lead">{title}</p>
      <div className="text-body">{children}</div>
    </aside>
  );
}
