import { Link } from "react-router";
import { FitList } from "../../ui/fit-list.tsx";
import { CHECK } from "../../words/check.ts";
import { type ControlProps, fitOf } from "./control-props.ts";

/** Which source: the list is the comparison. */
export function SourceControl(props: ControlProps) {
  const { job, sources } = props.bundle;
  if (sources.length === 0) {
    return (
      <Link to={`/job/${job.id}/survey`} className="block py-2 underline underline-offset-4">
        {CHECK.addSource}
      </Link>
    );
  }
  const choose = (id: string): void => {
    const source = sources.find((s) => s.id === id);
    if (source !== undefined) props.question.keep({ sourceId: source.id });
  };
  return <FitList items={sources} fitOf={(id) => fitOf(props, "source", id)} chosen={job.sourceId} onChoose={choose} />;
}
