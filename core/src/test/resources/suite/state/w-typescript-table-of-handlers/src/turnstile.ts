type Name = "locked" | "open" | "broken";

interface TurnstileState {
  coin(turnstile: Turnstile): void;
  push(turnstile: Turnstile): void;
}

export class Turnstile {
  private state: TurnstileState;
  coins = 0;

  constructor() {
    this.state = locked;
  }

  become(state: TurnstileState): void {
    this.state = state;
  }

  coin(): void {
    this.state.coin(this);
  }

  push(): void {
    this.state.push(this);
  }
}

const locked: TurnstileState = {
  coin(turnstile) {
    turnstile.coins += 1;
    turnstile.become(open);
  },
  push(turnstile) {
    turnstile.become(broken);
  },
};

const open: TurnstileState = {
  coin(turnstile) {
    turnstile.coins += 1;
  },
  push(turnstile) {
    turnstile.become(locked);
  },
};

const broken: TurnstileState = {
  coin() {
    throw new Error("call the attendant");
  },
  push() {
    throw new Error("call the attendant");
  },
};
