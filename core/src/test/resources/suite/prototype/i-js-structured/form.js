export class Form {
  constructor(title) {
    this.title = title;
    this.rows = [];
    this.signed = false;
  }
  row(text) {
    this.rows.push(text);
  }
  clone() {
    const copy = Object.assign(Object.create(Object.getPrototypeOf(this)), this);
    copy.rows = [...this.rows];
    return copy;
  }
}
