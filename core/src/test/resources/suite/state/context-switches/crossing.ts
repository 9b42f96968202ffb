interface Signal { readonly colour: string; seconds(traffic: number): number; }
class Red implements Signal { readonly colour = 'red'; seconds(traffic: number) { return 20 + traffic; } }
class Green implements Signal { readonly colour = 'green'; seconds(traffic: number) { return 60 - traffic; } }
class Flashing implements Signal { readonly colour = 'amber'; seconds() { return 3; } }
export class Crossing {
  private signal: Signal = new Red();
  private elapsed = 0;
  tick(traffic: number): string {
    this.elapsed += 1;
    if (this.elapsed >= this.signal.seconds(traffic)) {
      this.elapsed = 0;
      this.advance();
    }
    return this.signal.colour;
  }
  private advance(): void {
    if (this.signal instanceof Red) this.signal = new Green();
    else if (this.signal instanceof Green) this.signal = new Flashing();
    else this.signal = new Red();
  }
}
