class Ledger {
  constructor(store) {
    this.store = store;
  }
  total() {
    return this.store.rows.length;
  }
}

class Store {
  constructor() {
    this.rows = [];
  }
  push(row) {
    this.rows.push(row);
  }
}

export class Office {
  constructor(store) {
    this.store = store;
    this.open = false;
    this.bells = [];
  }
  opened() {
    this.open = true;
    return this;
  }
  bell(text) {
    this.bells.push(text);
    return this;
  }
  ledger() {
    if (!this.book) {
      this.book = new Ledger(this.store);
    }
    return this.book;
  }
}

const office = new Office(new Store()).opened().bell('ding');
console.log(office.ledger().total());
