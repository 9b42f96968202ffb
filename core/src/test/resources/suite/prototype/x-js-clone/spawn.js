const { Monster, Troll } = require("./monsters");

class Spawner {
  constructor(template) {
    this.template = template;
  }

  spawn(count) {
    return Array.from({ length: count }, () => this.template.clone());
  }
}

const trolls = new Spawner(new Troll("grim", 9, ["ring"], "oak")).spawn(3);
trolls[0].hit(2);
console.log(trolls, new Spawner(new Monster("imp", 1)).spawn(1));
