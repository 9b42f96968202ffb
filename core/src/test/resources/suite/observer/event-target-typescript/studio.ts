import { Kiln } from './kiln';

export class Alarm {
  ringing = false;
  private readonly listen = (event: Event) => this.check((event as CustomEvent<number>).detail);

  constructor(private readonly kiln: Kiln) {
    kiln.addEventListener('heated', this.listen);
  }

  private check(degrees: number): void {
    this.ringing = degrees > 1200;
  }

  stop(): void {
    this.kiln.removeEventListener('heated', this.listen);
  }
}
