export class ControlTower {
  private static instance?: ControlTower;
  private readonly runways = new Map<string, boolean>();

  private constructor() {
    Object.freeze(this);
  }

  static get shared(): ControlTower {
    return (this.instance ??= new this());
  }

  clear(runway: string): void {
    this.runways.set(runway, true);
  }
}
