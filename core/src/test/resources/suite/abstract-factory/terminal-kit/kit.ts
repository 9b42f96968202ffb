export interface Hook { lift(): string }
export interface Rail { length(): number }
export interface TerminalKit { hook(): Hook; rail(): Rail }

class SteelHook implements Hook { lift() { return "steel"; } }
class SteelRail implements Rail { constructor(private metres: number) {} length() { return this.metres; } }
class RopeHook implements Hook { lift() { return "rope"; } }
class WoodRail implements Rail { length() { return 3; } }

export class HeavyKit implements TerminalKit {
  hook(): Hook { return new SteelHook(); }
  rail(): Rail { return new SteelRail(12); }
}
export class LightKit implements TerminalKit {
  hook(): Hook { return new RopeHook(); }
  rail(): Rail { return new WoodRail(); }
}
