import { Collapsible } from "radix-ui";
import { useLocation } from "react-router";
import { PLAN } from "../../words/wiring-plan.ts";
import type { WordedStep } from "./worded-steps.ts";

/** The steps back to as found, on request. */
export function WayBack({ steps }: { readonly steps: readonly WordedStep[] }) {
  const { hash } = useLocation();
  return (
    <Collapsible.Root id="way-back" defaultOpen={hash === "#way-back"} className="mt-3 border-t-[1.5px] border-ink">
      <Collapsible.Trigger className="flex min-h-[44px] items-center font-bold underline underline-offset-4">
        {PLAN.restore}
      </Collapsible.Trigger>
      <Collapsible.Content>
        <p className="text-small text-ink2">{PLAN.restoreHelp}</p>
        <ol className="list-decimal pl-6 text-body">
          {steps.map(({ id, sentence }) => (
            <li key={id}>{sentence}</li>
          ))}
        </ol>
      </Collapsible.Content>
    </Collapsible.Root>
  );
}
