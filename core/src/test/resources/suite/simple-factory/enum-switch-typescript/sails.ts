export enum Wind {
  Light,
  Fresh,
  Gale,
}

export interface Sail {
  area(): number;
}

class Genoa implements Sail {
  area() {
    return 40;
  }
}

class Jib implements Sail {
  area() {
    return 22;
  }
}

class Storm implements Sail {
  area() {
    return 6;
  }
}

export function sailFor(wind: Wind): Sail {
  switch (wind) {
    case Wind.Light:
      return new Genoa();
    case Wind.Fresh:
      return new Jib();
    case Wind.Gale:
      return new Storm();
    default: {
      const never: never = wind;
      throw new Error(`no sail for ${never}`);
    }
  }
}
