import { NavLink } from "react-router";
import { COMMON } from "../words/common.ts";
import { PLACES } from "../words/home.ts";

/** Home's four places along the bottom. */
export function PlacesStrip() {
  return (
    <nav aria-label={COMMON.places} className="flex h-[44px] shrink-0 border-t-[1.5px] border-ink bg-bench max-[999px]:h-[52px]">
      {PLACES.map(({ to, word, short }) => (
        <NavLink
          key={to}
          to={to}
          end
          className={({ isActive }) =>
            `flex grow basis-0 items-center border-r-[1.5px] border-ink px-6 font-semibold -outline-offset-3 last:border-r-0 max-[999px]:justify-center max-[999px]:px-1 ${isActive ? "bg-ink text-face outline-face" : ""}`
          }
        >
          <span className="max-[699px]:hidden">{word}</span>
          <span className="min-[700px]:hidden">{short}</span>
        </NavLink>
      ))}
    </nav>
  );
}
