import { IceOffice } from './iceOffice';

export class Skipper {
  constructor(private boat: string, private office: IceOffice) {}
  loadUp(): string {
    const bill = this.office.order(this.boat, 3);
    return bill ? `paid ${bill.cents}` : 'no ice today';
  }
}
