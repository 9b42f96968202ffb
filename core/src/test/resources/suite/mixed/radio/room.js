export class Station {
  constructor(name, room) {
    this.name = name;
    this.room = room;
    this.heard = [];
    room.enrol(this);
  }

  call(text) {
    this.room.pass(this, text);
  }

  hear(from, text) {
    this.heard.push(`${from}: ${text}`);
  }
}

export class ShoreStation extends Station {
  hear(from, text) {
    super.hear(from, text.toUpperCase());
  }
}

export class RadioRoom {
  constructor() {
    this.stations = new Map();
  }

  enrol(station) {
    this.stations.set(station.name, station);
  }

  pass(sender, text) {
    for (const station of this.stations.values()) {
      if (station !== sender) {
        station.hear(sender.name, text);
      }
    }
  }
}
