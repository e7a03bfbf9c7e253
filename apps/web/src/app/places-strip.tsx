import { NavLink } from "react-router";
import { COMMON } from "../words/common.ts";
import { PLACES } from "../words/home.ts";

/** Home's four places along the bottom. */
export function PlacesStrip() {
  return (
    <nav aria-label={COMMON.places} className="flex h-[44px] shrink-0 border-t-[1.5px] border-ink bg-bench max-[62.4375rem]:h-[52px]">
      {PLACES.map(({ to, word, short }) => (
        <NavLink
          key={to}
          to={to}
          end={to === "/"}
          className={({ isActive }) =>
            `flex grow basis-0 items-center border-r-[1.5px] border-ink px-6 font-semibold -outline-offset-3 last:border-r-0 max-[62.4375rem]:justify-center max-[62.4375rem]:px-1 ${isActive ? "bg-ink text-face outline-face" : ""}`
          }
        >
          <span className="max-[43.6875rem]:hidden">{word}</span>
          <span className="min-[43.75rem]:hidden">{short}</span>
        </NavLink>
      ))}
    </nav>
  );
}
