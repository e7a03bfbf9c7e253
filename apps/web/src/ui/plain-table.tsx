/** A ruled table of words; the first of each row names it. */
export function PlainTable({ heads, rows }: { readonly heads: readonly string[]; readonly rows: readonly (readonly string[])[] }) {
  return (
    <table className="w-full text-body">
      <thead>
        <tr className="text-left text-ink2">
          {heads.map((head) => (
            <th key={head} scope="col" className="py-1 pr-3 font-normal">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(([name, ...cells]) => (
          <tr key={[name, ...cells].join(" ")} className="border-b border-hair align-top">
            <th scope="row" className="py-1 pr-3 text-left font-semibold">
              {name}
            </th>
            {heads.slice(1).map((head, k) => (
              <td key={head} className="py-1 pr-3">
                {cells[k]}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
