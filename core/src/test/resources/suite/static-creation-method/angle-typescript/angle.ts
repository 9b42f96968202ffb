export class Angle {
  private constructor(private readonly radians: number) {}

  static degrees(value: number): Angle {
    return new Angle((value * Math.PI) / 180);
  }

  static radians(value: number): Angle {
    return new Angle(value);
  }

  plus(other: Angle): Angle {
    return new Angle(this.radians + other.radians);
  }

  sine(): number {
    return Math.sin(this.radians);
  }
}
