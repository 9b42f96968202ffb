export class Goods {
  constructor(price, count) {
    this.price = price;
    this.count = count;
  }

  accept(visitor) {
    return visitor.visitGoods(this);
  }
}

export class Freight {
  constructor(kilos) {
    this.kilos = kilos;
  }

  accept(visitor) {
    return visitor.visitFreight(this);
  }
}

export class Discount {
  constructor(percent) {
    this.percent = percent;
  }

  accept(visitor) {
    return visitor.visitDiscount(this);
  }
}
