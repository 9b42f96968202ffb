export class Mark {
  constructor(x = 0, y = 0) {
    this.x = x;
    this.y = y;
    this.tags = [];
  }

  copy(source) {
    this.x = source.x;
    this.y = source.y;
    this.tags = source.tags.slice();
    return this;
  }

  clone() {
    return new this.constructor().copy(this);
  }
}

export class Light extends Mark {
  copy(source) {
    super.copy(source);
    this.seconds = source.seconds;
    return this;
  }
}
