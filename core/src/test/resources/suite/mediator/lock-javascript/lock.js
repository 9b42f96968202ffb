export class Gate {
  constructor(keeper, side) { this.keeper = keeper; this.side = side; this.open = false; }
  request() { this.keeper.wantsOpen(this); }
  swing(open) { this.open = open; }
}

export class Sluice {
  constructor(keeper) { this.keeper = keeper; this.level = 0; }
  fill(level) { this.level = level; this.keeper.levelChanged(level); }
  stop() { this.level = this.level | 0; }
}

export class LockKeeper {
  constructor() {
    this.upper = new Gate(this, 'upper');
    this.lower = new Gate(this, 'lower');
    this.sluice = new Sluice(this);
  }

  wantsOpen(gate) {
    const other = gate === this.upper ? this.lower : this.upper;
    other.swing(false);
    this.sluice.fill(gate === this.upper ? 9 : 0);
    gate.swing(true);
  }

  levelChanged(level) {
    if (level > 8) this.sluice.stop();
  }
}
