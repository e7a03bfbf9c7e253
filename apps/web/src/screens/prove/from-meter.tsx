import { Button } from "../../ui/button.tsx";
import { PROVE } from "../../words/prove.ts";

interface FromMeterProps {
  readonly name: string;
  readonly shows: string;
  readonly amps: number | null;
  readonly onTake: (amps: number) => void;
}

/** What a connected meter shows, and one press to take it over. */
export function FromMeter({ name, shows, amps, onTake }: FromMeterProps) {
  return (
    <div className="flex flex-wrap items-center justify-between gap-x-3 border-b border-hair py-1">
      <span className="text-body">{PROVE.meterShows(name, shows)}</span>
      <Button disabled={amps === null || amps <= 0} onClick={() => amps !== null && onTake(amps)}>
        {PROVE.takeOver(name)}
      </Button>
    </div>
  );
}
