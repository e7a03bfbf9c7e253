import { Answer } from "../../ui/answer.tsx";
import { NOT_YET } from "../../words/later.ts";

interface LaterProps {
  readonly question: string;
  readonly will: string;
  readonly meanwhile: string;
}

/** A place that is not built yet and says so. */
export function LaterScreen({ question, will, meanwhile }: LaterProps) {
  return (
    <div className="max-w-[760px] px-4 py-5 min-[62.5rem]:px-6">
      <Answer question={question} parts={[{ text: NOT_YET }]} sure={will} />
      <p className="mt-4 border-t-[1.5px] border-ink pt-3 text-body">{meanwhile}</p>
    </div>
  );
}
