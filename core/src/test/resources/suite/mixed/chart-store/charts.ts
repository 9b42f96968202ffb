export interface ChartRoom {
  read(id: string): string;
  write(id: string, text: string): void;
}

export class PaperRoom implements ChartRoom {
  private sheets = new Map<string, string>();
  read(id: string): string {
    return this.sheets.get(id) ?? "";
  }
  write(id: string, text: string): void {
    this.sheets.set(id, text);
  }
}

export class GuardedRoom implements ChartRoom {
  constructor(private readonly room: PaperRoom, private readonly badge: () => boolean) {}
  read(id: string): string {
    return this.room.read(id);
  }
  write(id: string, text: string): void {
    if (!this.badge()) {
      throw new Error("officers only");
    }
    this.room.write(id, text);
  }
}
