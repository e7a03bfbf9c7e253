export { judgeSite, SITE_QUESTIONS, type SiteAnswers, type SiteQuestion, type SiteVerdict, usualMinutes } from "./go.ts";
export { type OwnMinutes, ownMinutes } from "./own-log.ts";
