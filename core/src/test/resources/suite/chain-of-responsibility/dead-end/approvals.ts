export interface Request { cents: number; who: string; }
export abstract class Approver {
  constructor(protected readonly next: Approver) {}
  abstract approve(request: Request): string;
}
export class Foreman extends Approver {
  approve(request: Request): string {
    if (request.cents < 10000) return `foreman for ${request.who}`;
    return this.next.approve(request);
  }
}
export class Treasurer extends Approver {
  approve(request: Request): string {
    return this.next.approve(request);
  }
}
export class Board extends Approver {
  approve(request: Request): string {
    return request.cents < 9000000 ? 'board' : 'refused';
  }
}
