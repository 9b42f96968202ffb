export class Gate {
  private mode: 'shut' | 'open' | 'jammed' = 'shut';

  press(): void {
    switch (this.mode) {
      case 'shut':
        this.mode = 'open';
        break;
      case 'open':
        this.mode = 'shut';
        break;
      case 'jammed':
        throw new Error('jammed');
    }
  }

  lamp(): string {
    switch (this.mode) {
      case 'shut':
        return 'red';
      case 'open':
        return 'green';
      default:
        return 'amber';
    }
  }
}
