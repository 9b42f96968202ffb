const { Radio, Blind } = require('./devices');

class Remote {
  constructor(device) {
    this.device = device;
    this.on = false;
  }

  toggle() {
    if (this.on) {
      this.device.switchOff();
    } else {
      this.device.switchOn();
    }
    this.on = !this.on;
  }
}

class NightRemote extends Remote {
  dim() {
    this.device.level(5);
  }
}

class GuestRemote extends Remote {
  dim() {
    this.device.level(60);
    this.toggle();
  }
}

const bedroom = new NightRemote(new Blind());
bedroom.toggle();
bedroom.dim();
new GuestRemote(new Radio()).dim();
