export class Slipway {
  private readonly launched: Array<(hull: string) => void> = [];
  private readonly hauled: Array<(hull: string) => void> = [];
  private hull = "";

  onLaunched(told: (hull: string) => void): void {
    this.launched.push(told);
  }

  forgetLaunched(told: (hull: string) => void): void {
    this.launched.splice(this.launched.indexOf(told), 1);
  }

  onHauled(told: (hull: string) => void): void {
    this.hauled.push(told);
  }

  launch(hull: string): void {
    this.hull = "";
    for (const told of [...this.launched]) {
      told(hull);
    }
  }

  haul(hull: string): void {
    this.hull = hull;
    for (const told of this.hauled.slice()) {
      told(this.hull);
    }
  }
}
