import { Link, useLocation } from "react-router";
import type { GuideTopic } from "../words/guide/topic.ts";
import { GUIDE } from "../words/guide-screen.ts";

/** Leads to where the guide explains it, and back again. */
export function WhyLink({ to, about }: { readonly to: GuideTopic; readonly about: string }) {
  const { pathname } = useLocation();
  return (
    <Link
      to={`/guide#${to}`}
      state={{ from: pathname }}
      aria-label={GUIDE.whyAbout(about)}
      className="relative text-small whitespace-nowrap underline after:absolute after:-inset-x-3 after:-inset-y-3.5 after:content-[''] print:hidden"
    >
      {GUIDE.why}
    </Link>
  );
}
