import { StoneScale, StoneScaleAsScale } from "./scales";

export class Weighbridge {
  private readonly scale: StoneScaleAsScale;
  constructor(old: StoneScale) {
    this.scale = new StoneScaleAsScale(old);
  }
  net(tare: number): number {
    return this.scale.kilos() - tare;
  }
  reset(): void {
    this.scale.zero();
  }
}
