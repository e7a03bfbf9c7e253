/** A point of a published or typical curve; log–log between points. */
export interface CurvePoint {
  readonly x: number;
  readonly y: number;
}
