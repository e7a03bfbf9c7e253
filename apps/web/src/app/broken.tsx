import { Component } from "react";
import { Link } from "react-router";
import { COMMON } from "../words/common.ts";

interface BrokenProps {
  /** Address shown: another one begins anew. */
  readonly place: string;
  readonly children: React.ReactNode;
}

interface Failed {
  /** Address that failed; null while nothing has. */
  readonly at: string | null;
}

/** What stands in place of a view that failed: says so and leads on; what is kept is kept. */
export class Broken extends Component<BrokenProps, Failed> {
  override state: Failed = { at: null };

  static getDerivedStateFromError(): Failed {
    return { at: "" };
  }

  static getDerivedStateFromProps({ place }: BrokenProps, { at }: Failed): Failed | null {
    if (at === null || at === place) return null;
    return { at: at === "" ? place : null };
  }

  override render(): React.ReactNode {
    return this.state.at === null ? this.props.children : <Failure />;
  }
}

function Failure() {
  return (
    <main className="p-6">
      <h1 className="answer">{COMMON.broke}</h1>
      <p className="mt-4 flex gap-6">
        <button type="button" className="underline underline-offset-4" onClick={() => location.reload()}>
          {COMMON.reload}
        </button>
        <Link to="/" reloadDocument className="underline underline-offset-4">
          {COMMON.home}
        </Link>
      </p>
    </main>
  );
}
