/** A key as engraved on its cap; hidden from readers and where there is no keyboard. */
export function KeyCap({ name }: { readonly name: string }) {
  return (
    <span
      aria-hidden="true"
      className="figure inline-block min-w-[19px] border border-current px-1 text-center text-small leading-[1.3] pointer-coarse:hidden"
    >
      {name}
    </span>
  );
}
