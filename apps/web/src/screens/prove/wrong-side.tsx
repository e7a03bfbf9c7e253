import type { Reading } from "@amp-saver/records";
import { Link } from "react-router";
import type { JobBundle } from "../../store/queries.ts";
import { BEFORE } from "../../words/prove.ts";

/** Says that what is on record speaks for the other side, and leads there. */
export function WrongSide({ bundle, side }: { readonly bundle: JobBundle; readonly side: Reading["when"] }) {
  const to = side === "before" ? "prove/after" : "before";
  return (
    <p role="status" className="border-l-[6px] border-ink bg-face px-3 py-2">
      {BEFORE.otherSide[side]}{" "}
      <Link to={`/job/${bundle.job.id}/${to}`} className="font-semibold underline underline-offset-4">
        {BEFORE.toOtherSide[side]}
      </Link>
    </p>
  );
}
