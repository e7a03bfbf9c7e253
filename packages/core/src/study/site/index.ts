export { judgeSite, SITE_QUESTIONS, type SiteAnswers, type SiteQuestion, type SiteVerdict, usualMinutes } from "./go.ts";
export { OWN_LOG_PARAMS, type OwnMinutes, ownMinutes } from "./own-log.ts";
