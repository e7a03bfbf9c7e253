import { type Quantity, quantity } from "@amp-saver/core/quantity";
import type { Figure } from "@amp-saver/records";

/** A kept figure as core wants it. */
export function asQuantity(figure: Figure): Quantity {
  return figure.tolerance === undefined ? quantity(figure.value, figure.from) : quantity(figure.value, figure.from, figure.tolerance);
}

/** A figure under a name, or nothing where it is not kept. */
export function optional<K extends string>(key: K, figure: Figure | undefined): Partial<Record<K, Quantity>> {
  return figure === undefined ? {} : ({ [key]: asQuantity(figure) } as Record<K, Quantity>);
}
