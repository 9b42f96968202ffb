import { Control, Part } from './control';

export class Gate extends Part {
  private open = false;

  constructor(control: Control) {
    super(control, 'gate');
  }

  swing(): void {
    this.open = !this.open;
    this.control.ready(this);
  }
}
