export class Sensor {
  read() {
    throw new Error('not implemented');
  }

  calibrate(_offset) {
    throw new Error('not implemented');
  }

  print() {
    throw new Error('not implemented');
  }
}

export class RainSensor extends Sensor {
  read() {
    return 2;
  }

  calibrate(offset) {
    this.offset = offset;
  }

  print() {}
}

export class DoorSensor extends Sensor {
  read() {
    return this.open ? 1 : 0;
  }

  calibrate() {
    throw new Error('a door cannot be calibrated');
  }

  print() {}
}
