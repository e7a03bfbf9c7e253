import { answer, type Question } from "./questions.ts";

// One question at a time from the process that asks; where one has no end, that process ends this one.
process.on("message", (question: Question) => process.send?.(answer(question)));
