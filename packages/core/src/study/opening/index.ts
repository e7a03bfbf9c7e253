export {
  FINDING_STATES,
  type FindingState,
  judgeOpening,
  OPENING_FINDINGS,
  type OpeningFinding,
  openingFindings,
} from "./findings.ts";
export { SCREW_HIDERS, SCREW_PLACES, type ScrewPlace, screwsMissing } from "./screws.ts";
