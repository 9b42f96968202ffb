import { Camera, Shot } from './camera';

export class Operator {
  private shots: Shot[] = [];

  constructor(private camera: Camera) {}

  tryOut(zoom: number, focus: number): void {
    this.shots.push(this.camera.keep());
    this.camera.turn(zoom, focus);
  }

  back(): void {
    this.shots.pop()?.restore();
  }
}
