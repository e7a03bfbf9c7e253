import { tableOf } from "@amp-saver/core/quantity";
import { QUOTE_PRICES, type QuotePrices, USUAL_QUOTE_PRICES } from "@amp-saver/core/study/quote/params";
import { PRICES, type Prices, USUAL_PRICES } from "@amp-saver/core/study/remedy/params";
import { createContext, use, useCallback, useEffect, useMemo, useState } from "react";

/** How this device shows things; kept on it, never in a file. */
export interface Settings {
  readonly theme: "daylight" | "night";
  /** °F and feet, or °C and metres. */
  readonly measure: "us" | "si";
  readonly shortcuts: boolean;
  /** How a phone asks: one question a screen, or all in a list. */
  readonly asking: "one" | "list";
  /** Whether files bear the names of rigs. */
  readonly namesInFiles: boolean;
  /** What remedies cost, US dollars. */
  readonly prices: Prices;
  /** An installer’s own price list. */
  readonly quotePrices: QuotePrices;
  /** Who quotes, as it stands on the sheet. */
  readonly quoteFrom: string;
}

interface SettingsContext extends Settings {
  readonly change: (change: Partial<Settings>) => void;
}

const KEY = "amp-saver settings";
/** Longest line of who quotes, letters. */
export const QUOTE_FROM_MOST = 120;
const Context = createContext<SettingsContext | null>(null);

function initial(): Settings {
  const night = typeof matchMedia === "function" && matchMedia("(prefers-color-scheme: dark)").matches;
  const standard: Settings = {
    theme: night ? "night" : "daylight",
    measure: "us",
    shortcuts: true,
    asking: "one",
    namesInFiles: false,
    prices: USUAL_PRICES,
    quotePrices: USUAL_QUOTE_PRICES,
    quoteFrom: "",
  };
  try {
    const kept: Partial<Settings> = JSON.parse(localStorage.getItem(KEY) ?? "{}");
    return {
      theme: kept.theme === "night" || kept.theme === "daylight" ? kept.theme : standard.theme,
      measure: kept.measure === "si" ? "si" : "us",
      shortcuts: kept.shortcuts !== false,
      asking: kept.asking === "list" ? "list" : "one",
      namesInFiles: kept.namesInFiles === true,
      prices: keptPrices(PRICES, USUAL_PRICES, kept.prices),
      quotePrices: keptPrices(QUOTE_PRICES, USUAL_QUOTE_PRICES, kept.quotePrices),
      quoteFrom: typeof kept.quoteFrom === "string" ? kept.quoteFrom.slice(0, QUOTE_FROM_MOST) : "",
    };
  } catch {
    return standard;
  }
}

function keptPrices<N extends string>(
  names: readonly N[],
  usual: Readonly<Record<N, number>>,
  kept: Partial<Record<string, unknown>> | undefined,
): Readonly<Record<N, number>> {
  const price = (name: N): number => {
    const value = kept?.[name];
    return typeof value === "number" && value >= 0 && Number.isFinite(value) ? value : usual[name];
  };
  return tableOf(names, price);
}

/** Gives the settings to the page and paints the theme. */
export function SettingsProvider({ children }: { readonly children: React.ReactNode }) {
  const [settings, setSettings] = useState(initial);
  useEffect(() => {
    document.documentElement.dataset.theme = settings.theme;
    document.querySelector('meta[name="theme-color"]')?.setAttribute("content", settings.theme === "night" ? "#101514" : "#ffffff");
    try {
      localStorage.setItem(KEY, JSON.stringify(settings));
    } catch {
      // A browser that keeps nothing still shows everything.
    }
  }, [settings]);
  const change = useCallback((part: Partial<Settings>) => setSettings((old) => ({ ...old, ...part })), []);
  const value = useMemo(() => ({ ...settings, change }), [settings, change]);
  return <Context value={value}>{children}</Context>;
}

/** The settings of this device. */
export function useSettings(): SettingsContext {
  const context = use(Context);
  if (context === null) throw new Error("no settings provider");
  return context;
}
