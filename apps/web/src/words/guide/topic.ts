import type { FIGURE_TABLES } from "./figures.ts";
import type { LEFT_OUT } from "./left-out.ts";
import type { METHOD } from "./method.ts";
import type { RULES } from "./rules.ts";
import type { TERMS } from "./terms.ts";

/** Where a Why leads: an entry of the guide. Only names, so that the guide itself is loaded when it is opened. */
export type GuideTopic = (typeof METHOD | typeof TERMS | typeof RULES | typeof LEFT_OUT | typeof FIGURE_TABLES)[number]["id"];
