import { TideTable } from './tide';
export class Pilot {
  constructor(private table: TideTable) {}
  canEnter(hour: number): boolean { return this.table.at(hour) > 3; }
}
export const pilot = new Pilot(new TideTable('today.txt'));
