import { shownAs } from "@amp-saver/core/figure";
import { formatWith } from "@amp-saver/core/quantity";
import type { AirConditioner } from "@amp-saver/records";
import { CHECK } from "../../words/check.ts";

const FIGURES = ["lockedRotorA", "ratedLoadA", "fanA", "runCapacitorF"] as const;

/** The plate in four figures. */
export function PlateLine({ unit }: { readonly unit: AirConditioner }) {
  return (
    <div className="mt-1 border-t border-ink pt-1">
      <h2 className="text-body text-ink2">{unit.name}</h2>
      <dl className="flex justify-between">
        {FIGURES.map((name) => {
          const figure = unit[name];
          const shown = shownAs(name, "us");
          const decimals = name === "runCapacitorF" || name === "lockedRotorA" ? 0 : 1;
          return (
            <div key={name}>
              <dt className="text-small text-ink2">{CHECK.plate[name]}</dt>
              <dd className="figure text-body whitespace-nowrap">
                {figure === undefined ? CHECK.unknown : formatWith(shown.fromSi(figure.value), decimals, shown.unit)}
              </dd>
            </div>
          );
        })}
      </dl>
    </div>
  );
}
