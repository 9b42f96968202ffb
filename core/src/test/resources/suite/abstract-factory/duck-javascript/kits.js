class DayShape {
  draw() {
    return 'ball';
  }
}
class DaySound {
  play() {
    return 'bell';
  }
}
class NightShape {
  draw() {
    return 'lamp';
  }
}
class NightSound {
  play() {
    return 'horn';
  }
}

class DayKit {
  shape() {
    return new DayShape();
  }
  sound() {
    return new DaySound();
  }
}
class NightKit {
  shape() {
    return new NightShape();
  }
  sound() {
    return new NightSound();
  }
}

class Mast {
  constructor(kit) {
    this.kit = kit;
  }
  signal() {
    return this.kit.shape().draw() + this.kit.sound().play();
  }
}

console.log(new Mast(new DayKit()).signal(), new Mast(new NightKit()).signal());
