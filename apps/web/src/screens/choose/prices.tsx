import { useSettings } from "../../store/settings.tsx";
import { CHOOSE, PRICE_WORDS } from "../../words/choose.ts";
import { findingSource } from "../../words/findings.ts";
import { BoundedInput } from "../bounded-input.tsx";
import { priceRows } from "./choose.view.ts";

/** What remedies cost here; kept on this device. */
export function PricesForm() {
  const { prices, change } = useSettings();
  return (
    <section className="mt-5">
      <h2 className="border-b-[1.5px] border-ink pb-1 font-bold">{CHOOSE.prices}</h2>
      {priceRows(prices).map(({ name, usd, source }) => (
        <div key={name}>
          <BoundedInput
            name="usd"
            label={PRICE_WORDS[name]}
            value={usd}
            onChange={(v) => v !== null && change({ prices: { ...prices, [name]: v } })}
          />
          <p className="pb-1 text-[13px] leading-[14px] text-ink2">{findingSource(source)}</p>
        </div>
      ))}
    </section>
  );
}
