class Horn {
  constructor() {
    this.count = 0;
  }
  blow(times) {
    this.count += times;
  }
  isWarm() {
    return this.count > 0;
  }
}

class SilentHorn {
  blow() {}
  isWarm() {
    return false;
  }
}

class Launch {
  constructor(horn) {
    this.horn = horn || new SilentHorn();
  }
  depart() {
    this.horn.blow(1);
    return this.horn.isWarm();
  }
}

console.log(new Launch().depart(), new Launch(new Horn()).depart());
