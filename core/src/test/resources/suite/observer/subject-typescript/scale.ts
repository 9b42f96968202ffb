import { Subject } from 'rxjs';

export class Scale {
  readonly weights = new Subject<number>();
  private tare = 0;

  zero(grams: number): void {
    this.tare = grams;
  }

  put(grams: number): void {
    this.weights.next(grams - this.tare);
  }
}
