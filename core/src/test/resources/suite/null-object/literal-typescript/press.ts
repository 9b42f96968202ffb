import { Meter, NO_METER } from './meter';

export class Press {
  constructor(private readonly meter: Meter = NO_METER) {}

  print(pages: number): void {
    for (let i = 0; i < pages; i++) {
      this.meter.count('page');
    }
  }
}
