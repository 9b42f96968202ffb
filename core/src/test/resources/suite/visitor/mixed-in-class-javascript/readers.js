export class WeightSum {
  total = 0;

  visit(part) {
    this.total += part.kilos;
  }
}

export class HeightList {
  heights = [];

  visit(part) {
    if (part.metres) {
      this.heights.push(part.metres);
    }
  }
}
