export interface Flag {
  code(): string;
}
export interface Lamp {
  colour(): string;
}
export interface SignalKit {
  flag(): Flag;
  lamp(): Lamp;
}

class DayFlag implements Flag {
  code(): string {
    return "D";
  }
}
class NightFlag implements Flag {
  code(): string {
    return "N";
  }
}
class DimLamp implements Lamp {
  colour(): string {
    return "amber";
  }
}
class BrightLamp implements Lamp {
  colour(): string {
    return "white";
  }
}

export const dayKit: SignalKit = {
  flag: () => new DayFlag(),
  lamp: () => new DimLamp(),
};

export const nightKit: SignalKit = {
  flag: () => new NightFlag(),
  lamp: () => new BrightLamp(),
};
