/** What is wrong with a field, under it. */
export function FieldError({ id, error }: { readonly id: string; readonly error: string | null }) {
  return error === null ? null : (
    <p id={id} role="alert" className="pt-1 text-small font-semibold text-lead">
      {error}
    </p>
  );
}
