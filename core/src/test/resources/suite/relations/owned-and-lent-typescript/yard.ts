export interface Afloat { readonly draught: number }
export abstract class Craft implements Afloat {
  abstract readonly draught: number;
  protected readonly engine = new Engine();
  constructor(readonly name: string, protected turbo?: Turbo) {}
}
export class Engine {}
export class Turbo {}
export type Oar = { length: number; maker: Maker | null };
export class Maker { private shop!: Shop; static log = new MakerLog(); }
export class MakerLog {}
export class Shop {}
export class Skiff extends Craft {
  readonly draught = 0.3;
  private oars: Map<string, Oar[]> = new Map();
  private seats: ReadonlyArray<Seat> = [];
}
export interface Seat { owner: Crew }
export class Crew {
  #boats = new Set<Skiff>();
  private onDone?: (trip: Trip) => void;
  async row(skiff: Skiff): Promise<Trip> { const trip = new Trip(skiff); this.onDone?.(trip); return trip; }
}
export class Trip { constructor(private readonly craft: Craft) {} }
export class Registry<T extends Craft> { private all: Record<string, T> = {}; enter(c: T): void { this.all[c.name] = c; } }
