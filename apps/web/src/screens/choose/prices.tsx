import { useSettings } from "../../store/settings.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { CHOOSE, PRICE_WORDS } from "../../words/choose.ts";
import { findingSource } from "../../words/findings.ts";
import { BoundedInput } from "../bounded-input.tsx";
import { priceRows } from "./choose.view.ts";

/** What remedies cost here; kept on this device. */
export function PricesForm() {
  const { prices, change } = useSettings();
  return (
    <section className="mt-5">
      <SectionHeading>{CHOOSE.prices}</SectionHeading>
      {priceRows(prices).map(({ name, usd, source }) => (
        <div key={name}>
          <BoundedInput
            name="usd"
            label={PRICE_WORDS[name]}
            value={usd}
            onChange={(v) => v !== null && change({ prices: { ...prices, [name]: v } })}
          />
          <p className="pb-1 text-small leading-[1.15] text-ink2">{findingSource(source)}</p>
        </div>
      ))}
    </section>
  );
}
