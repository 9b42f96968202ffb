class Inspection {
  followedBy(next) {
    this.next = next;
    return next;
  }

  inspect(cargo) {
    if (this.next) {
      return this.next.inspect(cargo);
    }
    return 'cleared';
  }
}

class PapersInspection extends Inspection {
  inspect(cargo) {
    if (!cargo.papers) {
      return 'papers missing';
    }
    return super.inspect(cargo);
  }
}

class WeightInspection extends Inspection {
  constructor(limit) {
    super();
    this.limit = limit;
  }

  inspect(cargo) {
    return cargo.weight > this.limit ? 'too heavy' : super.inspect(cargo);
  }
}

module.exports = { PapersInspection, WeightInspection };
