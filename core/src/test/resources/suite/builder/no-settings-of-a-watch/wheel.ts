export interface Turn {
  delta: number;
  eased: boolean;
}

export class WheelHandler {
  private rate = 1;
  private slow = 3;
  private turned = 0;
  private active = false;

  setRate(rate: number): void {
    this.rate = rate;
  }

  setSlow(slow: number): void {
    this.slow = slow;
  }

  isTurning(): boolean {
    return this.active && this.turned !== 0;
  }

  wheel(steps: number): void {
    this.active = true;
    this.turned += steps;
  }

  frame(): Turn | undefined {
    if (!this.active) {
      return undefined;
    }
    const fast = Math.abs(this.turned) > this.slow;
    this.active = fast;
    const delta = fast ? 2 : 1 / this.rate > 4 ? 1 : 0;
    this.turned = 0;
    return { delta, eased: this.active };
  }
}

export class Helm {
  private readonly wheel = new WheelHandler();

  tick(): number {
    this.wheel.setRate(2);
    this.wheel.wheel(1);
    const turn = this.wheel.frame();
    return turn ? turn.delta : 0;
  }
}
