const states = {
  dark: {
    press(lamp) {
      lamp.go('lit');
    },
    shines: () => false,
  },
  lit: {
    press(lamp) {
      lamp.hours += 1;
      lamp.go('dark');
    },
    shines: () => true,
  },
};

class Lamp {
  constructor() {
    this.state = states.dark;
    this.hours = 0;
  }

  go(name) {
    this.state = states[name];
  }

  press() {
    this.state.press(this);
  }

  get shines() {
    return this.state.shines();
  }
}

const lamp = new Lamp();
lamp.press();
console.log(lamp.shines);
