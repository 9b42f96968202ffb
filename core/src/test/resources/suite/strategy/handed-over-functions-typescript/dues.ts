export type Rate = (tons: number) => number;

export const summer: Rate = tons => tons * 12;
export const storm: Rate = tons => tons * 15 + 100;

export class Dues {
  constructor(private readonly least: number) {}

  of(tons: number, rate: Rate): number {
    return Math.max(this.least, rate(tons));
  }
}
