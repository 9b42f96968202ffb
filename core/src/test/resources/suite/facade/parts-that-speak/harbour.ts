class Pilots {
  call(): string {
    return "pilots: called\n";
  }

  board(): string {
    return "pilots: on board\n";
  }
}

class Tugs {
  make(): string {
    return "tugs: ready\n";
  }

  pull(): string {
    return "tugs: pulling\n";
  }
}

export class Arrival {
  constructor(
    private readonly pilots: Pilots = new Pilots(),
    private readonly tugs: Tugs = new Tugs(),
  ) {}

  bringIn(): string {
    let result = "Arrival begins:\n";
    result += this.pilots.call();
    result += this.tugs.make();
    result += "Arrival goes on:\n";
    result += this.pilots.board();
    result += this.tugs.pull();
    return result;
  }
}

function show(arrival: Arrival): void {
  console.log(arrival.bringIn());
}

show(new Arrival());
