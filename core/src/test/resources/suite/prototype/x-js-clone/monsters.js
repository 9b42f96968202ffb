class Monster {
  constructor(name, strength, items = []) {
    this.name = name;
    this.strength = strength;
    this.items = items;
    this.wounds = 0;
  }

  hit(points) {
    this.wounds += points;
  }

  clone() {
    const copy = new Monster(this.name, this.strength, this.items);
    return copy;
  }
}

class Troll extends Monster {
  constructor(name, strength, items, club) {
    super(name, strength, items);
    this.club = club;
  }

  clone() {
    const copy = new Troll(this.name, this.strength, [...this.items], this.club);
    copy.wounds = this.wounds;
    return copy;
  }
}

module.exports = { Monster, Troll };
