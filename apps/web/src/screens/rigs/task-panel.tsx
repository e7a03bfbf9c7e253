import { useEffect, useState } from "react";
import { Button } from "../../ui/button.tsx";
import { COMMON } from "../../words/common.ts";
import { RIGS } from "../../words/home.ts";
import type { ExchangeTask } from "../../workers/use-exchange.ts";

/** Work that is over sooner needs no word. */
const SHOWN_AFTER_MS = 400;

/** How far a long piece of work is, and the way out of it. */
export function TaskPanel({ task, onCancel }: { readonly task: ExchangeTask; readonly onCancel: () => void }) {
  const [shown, setShown] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setShown(true), SHOWN_AFTER_MS);
    return () => clearTimeout(timer);
  }, []);
  if (!shown) return null;
  const percent = Math.round(task.share * 100);
  return (
    <div
      role="status"
      className="edge fixed right-4 bottom-[60px] left-4 z-40 mx-auto flex max-w-[640px] items-center gap-4 bg-face px-4 py-3"
    >
      <div className="grow">
        <p className="font-semibold">{RIGS.doing[task.doing]}</p>
        <progress
          max={100}
          value={percent}
          aria-label={RIGS.doing[task.doing]}
          className="mt-1 block h-[14px] w-full border-[1.5px] border-ink bg-face [&::-webkit-progress-bar]:bg-face [&::-webkit-progress-value]:bg-ink [&::-moz-progress-bar]:bg-ink"
        />
        <p className="figure text-small">{RIGS.percent(percent)}</p>
      </div>
      <Button onClick={onCancel}>{COMMON.cancel}</Button>
    </div>
  );
}
