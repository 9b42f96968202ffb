export interface Tower {
  wantsToLand(plane: Plane): void;
  left(plane: Plane): void;
}

export abstract class Plane {
  constructor(protected readonly tower: Tower, readonly id: string) {}
  abstract hold(): void;
  abstract land(): void;
  request(): void {
    this.tower.wantsToLand(this);
  }
  clear(): void {
    this.tower.left(this);
  }
}

export class Seaplane extends Plane {
  private circling = 0;
  hold(): void {
    this.circling++;
  }
  land(): void {
    this.circling = 0;
  }
}

export class Helicopter extends Plane {
  private hovering = false;
  hold(): void {
    this.hovering = true;
  }
  land(): void {
    this.hovering = false;
    this.clear();
  }
}

export class HarbourTower implements Tower {
  private readonly waiting: Plane[] = [];
  private landing: Plane | null = null;

  wantsToLand(plane: Plane): void {
    if (this.landing) {
      this.waiting.push(plane);
      plane.hold();
      return;
    }
    this.landing = plane;
    plane.land();
  }

  left(plane: Plane): void {
    if (this.landing !== plane) return;
    this.landing = this.waiting.shift() ?? null;
    this.landing?.land();
  }
}

const tower = new HarbourTower();
new Seaplane(tower, 'S1').request();
new Helicopter(tower, 'H1').request();
