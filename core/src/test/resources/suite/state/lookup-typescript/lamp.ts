type Phase = "dark" | "lit" | "blinking";

interface LampState {
  press(): Phase;
  label(): string;
}

class Dark implements LampState {
  press(): Phase {
    return "lit";
  }

  label(): string {
    return "dark";
  }
}

class Lit implements LampState {
  press(): Phase {
    return "blinking";
  }

  label(): string {
    return "lit";
  }
}

class Blinking implements LampState {
  press(): Phase {
    return "dark";
  }

  label(): string {
    return "blinking";
  }
}

export class Lamp {
  private readonly states: Record<Phase, LampState> = {
    dark: new Dark(),
    lit: new Lit(),
    blinking: new Blinking(),
  };
  private state: LampState = this.states.dark;

  press(): void {
    this.state = this.states[this.state.press()];
  }

  label(): string {
    return this.state.label();
  }
}
