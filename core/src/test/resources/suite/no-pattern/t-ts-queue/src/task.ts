export interface Task { readonly name: string; run(signal: AbortSignal): Promise<void>; undo?(): Promise<void> }

export class CopyTask implements Task {
  readonly name = 'copy';
  constructor(private readonly disk: Disk, private readonly from: string, private readonly to: string) {}
  async run(): Promise<void> { await this.disk.copy(this.from, this.to); }
  async undo(): Promise<void> { await this.disk.remove(this.to); }
}

export class DeleteTask implements Task {
  readonly name = 'delete';
  private kept?: Uint8Array;
  constructor(private readonly disk: Disk, private readonly path: string) {}
  async run(): Promise<void> { this.kept = await this.disk.read(this.path); await this.disk.remove(this.path); }
  async undo(): Promise<void> { if (this.kept) await this.disk.write(this.path, this.kept); }
}

export interface Disk {
  copy(from: string, to: string): Promise<void>;
  remove(path: string): Promise<void>;
  read(path: string): Promise<Uint8Array>;
  write(path: string, bytes: Uint8Array): Promise<void>;
}
