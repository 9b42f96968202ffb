export class Scales { weigh(name: string): number { return name.length; } }
export class Stamps { stamp(text: string): string { return `[${text}]`; } }
export class Postbox { private letters: string[] = []; drop(letter: string): number { return this.letters.push(letter); } }
export class PostOffice {
  private readonly scales = new Scales();
  private readonly stamps = new Stamps();
  private readonly postbox = new Postbox();
  private sent = 0;
  private revenue = 0;
  send(name: string): number {
    const grams = this.scales.weigh(name);
    const letter = this.stamps.stamp(name);
    this.revenue += grams * 3;
    this.sent++;
    return this.postbox.drop(letter);
  }
  earned(): number { return this.revenue / this.sent; }
}
export class Sailor { constructor(private office: PostOffice) {} write(): number { return this.office.send('home'); } }
export class Inspector { private scales = new Scales(); constructor(private office: PostOffice) {} check(): boolean { return this.office.send('x') > this.scales.weigh('x'); } }
