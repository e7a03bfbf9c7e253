import { useLocation } from "react-router";
import { Fold } from "../../ui/fold.tsx";
import { LinkButton } from "../../ui/layout/link-button.tsx";
import { PLAN } from "../../words/wiring-plan.ts";
import type { WordedStep } from "./worded-steps.ts";

/** The steps back to as found, on request. */
export function WayBack({ steps, to }: { readonly steps: readonly WordedStep[]; readonly to: string }) {
  const { hash } = useLocation();
  return (
    <Fold label={PLAN.restore} ruled id="way-back" startOpen={hash === "#way-back"} className="mt-3">
      <p className="text-small text-ink2">{PLAN.restoreHelp}</p>
      <ol className="list-decimal pl-6 text-body">
        {steps.map(({ id, sentence }) => (
          <li key={id}>{sentence}</li>
        ))}
      </ol>
      <LinkButton to={to} className="mt-2">
        {PLAN.undoHere}
      </LinkButton>
    </Fold>
  );
}
