export class Cannery {
  constructor(name, limit) {
    this.name = name;
    this.limit = limit;
    this.hall = null;
  }

  bid(cents) {
    this.hall.offer(this, cents);
  }

  outbid(cents) {
    if (cents + 10 <= this.limit) {
      this.hall.offer(this, cents + 10);
    }
  }

  refused(best) {
    this.limit = Math.max(this.limit, best);
  }
}

export class FishMonger {
  constructor(name) {
    this.name = name;
    this.hall = null;
    this.left = false;
  }

  bid(cents) {
    this.hall.offer(this, cents);
  }

  outbid(cents) {
    this.left = cents > 900;
  }

  refused() {
    this.left = true;
  }
}
