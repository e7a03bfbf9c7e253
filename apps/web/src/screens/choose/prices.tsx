import { PRICES } from "@amp-saver/core/study/remedy/params";
import { useSettings } from "../../store/settings.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { WhyLink } from "../../ui/why-link.tsx";
import { CHOOSE, PRICE_WORDS } from "../../words/choose.ts";
import { QUOTE } from "../../words/quote.ts";
import { BoundedInput } from "../bounded-input.tsx";

/** What remedies cost here; kept on this device. */
export function PricesForm() {
  const { prices, change } = useSettings();
  return (
    <section className="mt-5">
      <SectionHeading>
        {CHOOSE.prices} <WhyLink to="figures-fixes" about={CHOOSE.prices} />
      </SectionHeading>
      <p className="py-1 text-small text-ink2">{QUOTE.pricesHelp}</p>
      {PRICES.map((name) => (
        <BoundedInput
          key={name}
          name="usd"
          label={PRICE_WORDS[name]}
          value={prices[name]}
          onChange={(v) => v !== null && change({ prices: { ...prices, [name]: v } })}
        />
      ))}
    </section>
  );
}
