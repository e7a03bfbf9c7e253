/** A potential relay: takes the start capacitor out once the start winding's own volts pull it in, for good. */
export class PotentialRelayEquations {
  inCircuit = true;
  private readonly pickUpV: number;

  constructor(pickUpV: number) {
    this.pickUpV = pickUpV;
  }

  /** Notes the RMS over the start winding in a half cycle; true once, when the relay pulls in. */
  pullsInAt(startWindingV: number): boolean {
    if (!this.inCircuit || startWindingV < this.pickUpV) return false;
    this.inCircuit = false;
    return true;
  }
}
