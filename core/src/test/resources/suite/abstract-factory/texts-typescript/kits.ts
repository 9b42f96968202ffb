interface Flag {
  wave(): string;
}

interface Lamp {
  shine(): string;
}

interface Kit {
  flag(): Flag;
  lamp(): Lamp;
}

class DayFlag implements Flag {
  wave(): string {
    return "bright flag";
  }
}

class NightFlag implements Flag {
  wave(): string {
    return "reflecting flag";
  }
}

class DayLamp implements Lamp {
  shine(): string {
    return "off";
  }
}

class NightLamp implements Lamp {
  shine(): string {
    return "on";
  }
}

class DayKit implements Kit {
  flag(): Flag {
    return new DayFlag();
  }
  lamp(): Lamp {
    return new DayLamp();
  }
}

class NightKit implements Kit {
  flag(): Flag {
    return new NightFlag();
  }
  lamp(): Lamp {
    return new NightLamp();
  }
}

function equip(kit: Kit): string {
  return kit.flag().wave() + kit.lamp().shine();
}

console.log(equip(new DayKit()), equip(new NightKit()));
