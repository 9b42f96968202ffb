export interface RouteChoice {
  choose(from: string, to: string): string[];
}

export const shortest: RouteChoice = {
  choose: (from, to) => [from, to],
};

export const scenic: RouteChoice = {
  choose(from, to) {
    return [from, 'lighthouse', to];
  },
};

export class Trip {
  constructor(private choice: RouteChoice, private readonly from: string) {}

  setChoice(choice: RouteChoice): void {
    this.choice = choice;
  }

  to(place: string): string {
    return this.choice.choose(this.from, place).join(' > ');
  }
}
