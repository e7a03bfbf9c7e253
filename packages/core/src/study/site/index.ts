export {
  judgeSite,
  SITE_QUESTIONS,
  type SiteAnswers,
  type SitePlace,
  type SiteQuestion,
  type SiteVerdict,
  sitePrecautions,
  siteQuestions,
  usualMinutes,
} from "./go.ts";
export { type OwnMinutes, ownMinutes } from "./own-log.ts";
