export { FOLLOW_UP_PARAMS, type FollowUp, followUps } from "./run.ts";
