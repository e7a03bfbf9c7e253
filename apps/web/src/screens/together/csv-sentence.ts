import { MOST_RIG_LOADS } from "@amp-saver/records";
import type { LoadsFailure } from "@amp-saver/records/exchange";
import { CSV_WORDS } from "../../words/together.ts";

/** What is wrong with a list, in a sentence that names the line, the column and the limit. */
export function csvSentence(failure: LoadsFailure): string {
  switch (failure.code) {
    case "column-twice":
      return CSV_WORDS[failure.code](failure.column);
    case "too-many":
      return CSV_WORDS[failure.code](MOST_RIG_LOADS);
    case "bad-name":
    case "missing-figure":
      return CSV_WORDS[failure.code](failure.line);
    case "bad-figure":
    case "bad-word":
      return CSV_WORDS[failure.code](failure.line, failure.column, failure.limits);
    default:
      return CSV_WORDS[failure.code];
  }
}
