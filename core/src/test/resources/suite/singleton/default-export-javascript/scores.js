class Scores {
  constructor() {
    this.points = new Map();
  }

  add(player, points) {
    this.points.set(player, (this.points.get(player) ?? 0) + points);
  }

  best() {
    return [...this.points.entries()].sort((a, b) => b[1] - a[1])[0];
  }
}

export default new Scores();
