import { Control, Part } from './control';

export class Signal extends Part {
  private shown = 'off';

  constructor(control: Control) {
    super(control, 'signal');
  }

  green(): void {
    this.shown = 'green';
  }

  red(reason: string): void {
    this.shown = `red (${reason})`;
    if (reason === '') {
      this.control.fault(this, 'red without a reason');
    }
  }
}
