import type { z } from "zod";

type Issue = z.core.$ZodIssue;

/** One plain line for the first thing wrong with a case: the field, and what it may be. */
export function refusalLine(issues: readonly Issue[], limitsOf: (path: string) => string | undefined): string {
  const issue = issues[0];
  if (issue === undefined) return "the case is not understood";
  const path = issue.path.map(String).join(".");
  const field = path === "" ? "the case" : path;
  const limits = limitsOf(path);
  const may = limits === undefined ? "" : ` (${limits})`;
  switch (issue.code) {
    case "unrecognized_keys": {
      const key = issue.keys[0] ?? "";
      return `unknown key "${path === "" ? key : `${path}.${key}`}"`;
    }
    case "invalid_type":
      return issue.input === undefined
        ? `${field} is missing${may}`
        : `${field} must be a finite ${issue.expected}${may}`
            .replace("finite object", "object")
            .replace("finite string", "text")
            .replace("finite int", "whole number")
            .replace("a finite boolean", "true or false")
            .replace("finite array", "list");
    case "too_small":
      return `${field} is too small: at least ${issue.inclusive ? "" : "more than "}${issue.minimum}${may}`;
    case "too_big":
      return `${field} is too large: at most ${issue.maximum}${may}`;
    case "invalid_value":
      return `${field} must be one of ${issue.values.map(String).join(", ")}`;
    default:
      return `${field}: ${issue.message}`;
  }
}
