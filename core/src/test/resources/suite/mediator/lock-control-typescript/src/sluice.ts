import { Control, Part } from './control';

export class Sluice extends Part {
  private level = 0;

  constructor(control: Control) {
    super(control, 'sluice');
  }

  fill(to: number): void {
    if (to < 0) {
      this.control.fault(this, 'below ground');
      return;
    }
    this.level = to;
    this.control.ready(this);
  }

  shut(): void {
    this.level = 0;
  }
}
