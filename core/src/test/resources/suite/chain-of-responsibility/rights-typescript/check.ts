export abstract class Check {
  protected next?: Check;
  then(check: Check): Check { this.next = check; return check; }
  abstract allow(name: string, hour: number): boolean;
}
export class Badge extends Check {
  allow(name: string, hour: number): boolean {
    if (name === "") return false;
    return this.next ? this.next.allow(name, hour) : true;
  }
}
export class Hours extends Check {
  allow(name: string, hour: number): boolean {
    if (hour > 20) return false;
    return this.next ? this.next.allow(name, hour) : true;
  }
}
export class Gate {
  constructor(private check: Check) {}
  open(name: string): boolean { return this.check.allow(name, 9); }
}
