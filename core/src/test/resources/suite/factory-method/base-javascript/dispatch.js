class Dispatch {
  send(order) {
    const vehicle = this.createVehicle();
    vehicle.load(order);
    return vehicle.go();
  }

  createVehicle() {
    throw new Error('abstract');
  }
}

class QuayDispatch extends Dispatch {
  createVehicle() {
    return new Truck();
  }
}

class WaterDispatch extends Dispatch {
  createVehicle() {
    return new Barge();
  }
}

class Vehicle {
  load(order) {
    this.order = order;
  }

  go() {
    throw new Error('abstract');
  }
}

class Truck extends Vehicle {
  go() {
    return 'road';
  }
}

class Barge extends Vehicle {
  go() {
    return 'river';
  }
}

module.exports = { QuayDispatch, WaterDispatch };
