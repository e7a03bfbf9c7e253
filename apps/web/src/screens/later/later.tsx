import { Link } from "react-router";
import { Answer } from "../../ui/answer.tsx";
import { LATER_LINKS, NOT_YET } from "../../words/later.ts";

interface LaterProps {
  readonly question: string;
  readonly will: string;
  readonly meanwhile: string;
  readonly jobId?: string;
}

/** A stage that is not built yet and says so. */
export function LaterScreen({ question, will, meanwhile, jobId }: LaterProps) {
  return (
    <div className="max-w-[760px] px-4 py-5 min-[1000px]:px-6">
      <Answer question={question} parts={[{ text: NOT_YET }]} sure={will} />
      <p className="mt-4 border-t-[1.5px] border-ink pt-3 text-[16px]">{meanwhile}</p>
      {jobId !== undefined && (
        <p className="mt-4 flex gap-5">
          <Link to={`/job/${jobId}/check`} className="py-2 underline underline-offset-4">
            {LATER_LINKS.check}
          </Link>
          <Link to={`/job/${jobId}/prove`} className="py-2 underline underline-offset-4">
            {LATER_LINKS.prove}
          </Link>
        </p>
      )}
    </div>
  );
}
