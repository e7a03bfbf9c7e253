export {
  type Cause,
  MEASUREMENTS,
  type Measured,
  type Measurement,
  SYMPTOMS,
  type Symptom,
  studyTrouble,
  type TroubleFacts,
  type TroubleStudy,
} from "./trouble.ts";
