export abstract class Instrument {
  abstract play(note: number): string;
}

class Fiddle extends Instrument {
  play(note: number) {
    return `fiddle ${note}`;
  }
}

class Pipe extends Instrument {
  play(note: number) {
    return `pipe ${note}`;
  }
}

type Maker = new () => Instrument;

const makers = new Map<string, Maker>([
  ['fiddle', Fiddle],
  ['pipe', Pipe],
]);

export function instrument(name: string): Instrument {
  const Kind = makers.get(name);
  if (!Kind) {
    throw new RangeError(`no ${name}`);
  }
  return new Kind();
}
