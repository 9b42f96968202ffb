export interface Horn {
  blow(): void;
  volume(): number;
}

export class SteamHorn implements Horn {
  private blown = 0;
  blow(): void {
    this.blown += 1;
  }
  volume(): number {
    return 90 - this.blown;
  }
}

export class HornHandle implements Horn {
  constructor(private readonly horn: Horn) {}
  blow(): void {
    this.horn.blow();
  }
  volume(): number {
    return this.horn.volume();
  }
}

const handle: Horn = new HornHandle(new SteamHorn());
handle.blow();
console.log(handle.volume());
