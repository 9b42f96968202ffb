export interface Queue {
  push(item: string): void;
  pop(): string | undefined;
}

export class ListQueue implements Queue {
  private items: string[] = [];
  push(item: string): void {
    this.items.push(item);
  }
  pop(): string | undefined {
    return this.items.shift();
  }
}

export class RingQueue implements Queue {
  private ring: string[] = new Array(8);
  private at = 0;
  push(item: string): void {
    this.ring[this.at++ % 8] = item;
  }
  pop(): string | undefined {
    return this.ring[--this.at % 8];
  }
}
