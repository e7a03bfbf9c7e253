/** A start aid that is in circuit until a speed is reached, then out for good. */
export class HardStartEquations {
  inCircuit = true;
  private readonly dropOutRadS: number;

  constructor(dropOutRadS: number) {
    this.dropOutRadS = dropOutRadS;
  }

  /** Notes the rotor's speed; true once, at the moment the aid drops out. */
  dropsOutAt(radS: number): boolean {
    if (!this.inCircuit || radS < this.dropOutRadS) return false;
    this.inCircuit = false;
    return true;
  }
}
