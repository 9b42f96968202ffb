import { Dues, summer, storm } from './dues';

export class Desk {
  private readonly dues = new Dues(50);

  bill(tons: number, stormy: boolean): number {
    return stormy ? this.dues.of(tons, storm) : this.dues.of(tons, summer);
  }
}
