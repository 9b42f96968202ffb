export interface Clerk {
  name(): string;
  busy(): boolean;
}

export class Junior implements Clerk {
  name(): string { return 'junior'; }
  busy(): boolean { return false; }
}

export class Head implements Clerk {
  private readonly staff: Clerk[] = [];

  hire(clerk: Clerk): void { this.staff.push(clerk); }

  name(): string { return `head of ${this.listed()}`; }

  busy(): boolean { return true; }

  private listed(): number { return this.staff.length; }
}
