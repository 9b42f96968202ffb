export class Total {
  constructor() {
    this.sum = 0;
  }

  visitGoods(goods) {
    this.sum += goods.price * goods.count;
  }

  visitFreight(freight) {
    this.sum += freight.kilos * 2;
  }

  visitDiscount(discount) {
    this.sum *= 1 - discount.percent / 100;
  }
}

export class Printer {
  visitGoods(goods) {
    return `${goods.count} pieces`;
  }

  visitFreight(freight) {
    return `freight ${freight.kilos} kg`;
  }
}
