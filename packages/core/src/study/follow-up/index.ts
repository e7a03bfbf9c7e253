export { FOLLOW_UP_PARAMS, FOLLOW_UPS, type FollowUp, type FollowUpInput, followUps, RELEARN_WHEN } from "./run.ts";
