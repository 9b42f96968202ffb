export interface Command {
  run(): void;
}

export class Crane {
  private height = 0;

  lift(metres: number): void {
    this.height += metres;
  }

  park(): void {
    this.height = 0;
  }
}

export class Lift implements Command {
  constructor(private readonly crane: Crane, private readonly metres: number) {}

  run(): void {
    this.crane.lift(this.metres);
  }
}

export class Park implements Command {
  constructor(private readonly crane: Crane) {}

  run(): void {
    this.crane.park();
  }
}

export class Panel {
  private buttons = new Map<string, Command>();

  assign(button: string, command: Command): void {
    this.buttons.set(button, command);
  }

  press(button: string): void {
    this.buttons.get(button)?.run();
  }
}
