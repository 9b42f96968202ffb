export interface LogStore { append(line: string): void; all(): string[]; size(): number; }
export class MemoryStore implements LogStore { private lines: string[] = []; append(line: string) { this.lines.push(line); } all() { return [...this.lines]; } size() { return this.lines.length; } }
export class DiskStore { private kept: string[] = []; append(line: string): void { this.kept.push(line); } readAll(): string[] { return this.kept; } count(): number { return this.kept.length; } }
export class Watch { constructor(private store: LogStore) {} note(t: string) { this.store.append(t); return this.store.size(); } }
export class Backup { private disk = new DiskStore(); run(lines: string[]) { lines.forEach((l) => this.disk.append(l)); return this.disk.count(); } }
export const watch = new Watch(new MemoryStore());
