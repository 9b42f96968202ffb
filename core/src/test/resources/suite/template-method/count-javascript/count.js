class Count {
  run(ships) {
    let total = 0;
    for (const ship of ships) {
      if (this.takes(ship)) total += this.valueOf(ship);
    }
    return this.label(total);
  }
  takes(ship) { throw new Error('subclass'); }
  valueOf(ship) { throw new Error('subclass'); }
  label(total) { return String(total); }
}
class TonnageCount extends Count {
  takes(ship) { return ship.loaded; }
  valueOf(ship) { return ship.tons; }
  label(total) { return `${total} t`; }
}
class CrewCount extends Count {
  takes() { return true; }
  valueOf(ship) { return ship.crew.length; }
}
console.log(new TonnageCount().run([]), new CrewCount().run([]));
