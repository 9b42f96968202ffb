export interface Wire { strength(): number; }
export class SteelWire implements Wire { strength() { return 90; } }
export class HempWire implements Wire { strength() { return 12; } }
export abstract class Rigger {
  protected abstract makeWire(): Wire;
  rig(): number { return this.masts() * 2; }
  protected masts(): number { return 1; }
}
export class ModernRigger extends Rigger { protected makeWire(): Wire { return new SteelWire(); } }
export class OldRigger extends Rigger {
  private spare: Wire = new HempWire();
  protected makeWire(): Wire { return new HempWire(); }
}
export function season(): number { return [new ModernRigger(), new OldRigger()].map((r) => r.rig()).reduce((a, b) => a + b); }
