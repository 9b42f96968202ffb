export interface Rig { clone(): Rig; sails(): number; }
export class Sloop implements Rig {
  name = '';
  constructor(private mains: number, private readonly tags: string[] = []) {}
  tag(text: string): void { this.tags.push(text); }
  clone(): Sloop { return new Sloop(this.mains, this.tags); }
  sails(): number { return this.mains + 1; }
}
export class Ketch implements Rig {
  private mizzen = 1;
  constructor(private mains: number) {}
  clone(): Ketch {
    const copy = new Ketch(this.mains);
    copy.mizzen = this.mizzen;
    return copy;
  }
  sails(): number { return this.mains + this.mizzen; }
}
export class Yard {
  private models: Rig[] = [];
  learn(rig: Rig): void { this.models.push(rig); }
  build(index: number): Rig { return this.models[index].clone(); }
}
