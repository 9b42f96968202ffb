export interface Button { draw(): string }
export interface Dial { turn(by: number): number }

export interface Panel {
  button(label: string): Button;
  dial(max: number): Dial;
}

class BrassButton implements Button {
  constructor(private readonly label: string) {}
  draw() { return `[${this.label}]`; }
}
class BrassDial implements Dial {
  private at = 0;
  constructor(private readonly max: number) {}
  turn(by: number) { return (this.at = Math.min(this.max, this.at + by)); }
}
class GlassButton implements Button {
  constructor(private readonly label: string) {}
  draw() { return `(${this.label})`; }
}
class GlassDial implements Dial {
  turn(by: number) { return by; }
}

export const brass: Panel = {
  button: label => new BrassButton(label),
  dial: max => new BrassDial(max),
};

export const glass: Panel = {
  button(label) { return new GlassButton(label); },
  dial() { return new GlassDial(); },
};
