export interface Device {
  power(on: boolean): void;
  volume(percent: number): void;
  readonly name: string;
}

export class Radio implements Device {
  readonly name = 'radio';
  private level = 10;
  power(on: boolean): void { console.log(this.name, on); }
  volume(percent: number): void { this.level = percent; }
}

export class Television implements Device {
  readonly name = 'tv';
  power(on: boolean): void { console.log('hdmi', on); }
  volume(percent: number): void { console.log('bar', percent); }
}
