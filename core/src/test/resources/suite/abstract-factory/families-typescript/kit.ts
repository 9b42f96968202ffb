interface Lamp { shine(): number; }
interface Flag { hoist(): string; }
class DimLamp implements Lamp { shine() { return 1; } }
class BrightLamp implements Lamp { shine() { return 9; } }
class ClothFlag implements Flag { hoist() { return "cloth"; } }
class GlowFlag implements Flag { hoist() { return "glow"; } }
export interface SignalKit { lamp(): Lamp; flag(): Flag; }
export class DayKit implements SignalKit {
  lamp(): Lamp { return new DimLamp(); }
  flag(): Flag { return new ClothFlag(); }
}
export class NightKit implements SignalKit {
  lamp(): Lamp { return new BrightLamp(); }
  flag(): Flag { return new GlowFlag(); }
}
export class Mast {
  constructor(private kit: SignalKit) {}
  signal(): string { return this.kit.flag().hoist() + this.kit.lamp().shine(); }
}
