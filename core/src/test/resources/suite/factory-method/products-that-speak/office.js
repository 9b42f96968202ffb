class Notice {
  text() {
    throw new Error("abstract");
  }
}

class FogNotice extends Notice {
  text() {
    return "fog on the mole";
  }
}

class StormNotice extends Notice {
  text() {
    return "storm from the west";
  }
}

class Office {
  createNotice() {
    throw new Error("abstract");
  }

  announce() {
    return "Attention: " + this.createNotice().text();
  }
}

class FogOffice extends Office {
  createNotice() {
    return new FogNotice();
  }
}

class StormOffice extends Office {
  createNotice() {
    return new StormNotice();
  }
}

for (const office of [new FogOffice(), new StormOffice()]) {
  console.log(office.announce());
}
