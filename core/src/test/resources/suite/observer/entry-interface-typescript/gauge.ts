export interface Alarm { alarm(level: number): void }
export class Siren implements Alarm { alarm(level: number) { console.log('!', level); } }
export class Board implements Alarm { alarm(level: number) { console.log(level); } }
interface Entry { limit: number; alarm: Alarm }
export class Gauge {
  private entries: Entry[] = [];
  private level = 0;
  join(limit: number, alarm: Alarm) { this.entries.push({ limit, alarm }); }
  rise(by: number) { this.level += by; for (const e of this.entries) if (this.level > e.limit) e.alarm.alarm(this.level); }
}
const g = new Gauge(); g.join(3, new Siren()); g.join(5, new Board()); g.rise(4);
