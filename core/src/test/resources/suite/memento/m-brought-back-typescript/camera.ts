export interface Shot {
  restore(): void;
}

export class Camera {
  private zoom = 1;
  private focus = 50;

  turn(zoom: number, focus: number): void {
    this.zoom = zoom;
    this.focus = focus;
  }

  keep(): Shot {
    return new KeptShot(this, this.zoom, this.focus);
  }
}

class KeptShot implements Shot {
  constructor(
    private readonly camera: Camera,
    private readonly zoom: number,
    private readonly focus: number,
  ) {}

  restore(): void {
    this.camera.turn(this.zoom, this.focus);
  }
}
