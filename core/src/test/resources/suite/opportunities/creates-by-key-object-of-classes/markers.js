class Marker {
  colour() {
    throw new Error("abstract");
  }
}

class PortMarker extends Marker {
  colour() {
    return "red";
  }
}

class StarboardMarker extends Marker {
  colour() {
    return "green";
  }
}

class ChannelPlan {
  constructor() {
    this.colours = [];
  }

  lay(side) {
    let marker;
    if (side === "port") marker = new PortMarker();
    else if (side === "starboard") marker = new StarboardMarker();
    else return;
    this.colours.push(marker.colour());
  }
}

const plan = new ChannelPlan();
plan.lay("port");
console.log(plan.colours);
