export class Plan {
  constructor(
    readonly ship: string,
    readonly berth: number,
    readonly pilot: string,
    readonly tugs: number,
    readonly arrival: Date,
    readonly note: string,
  ) {}
  line(): string { return `${this.ship}@${this.berth}`; }
}

export class Agent {
  plan(): Plan { return new Plan('Doris', 4, 'Ana', 2, new Date(), ''); }
}

export class Office {
  plan(): Plan { return new Plan('Ondine', 2, 'Bo', 1, new Date(), 'late'); }
}
