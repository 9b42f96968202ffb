const lantern = {
  colour: 'white',
  candles: 1,
  glow() {
    return `${this.colour} x${this.candles}`;
  },
  clone() {
    return Object.assign(Object.create(Object.getPrototypeOf(this)), this);
  },
};

module.exports = lantern;
