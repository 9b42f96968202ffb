import { HeavyKit, LightKit, TerminalKit, Hook, Rail } from "./kit";

export class Terminal {
  private readonly hooks: Hook[] = [];
  private readonly rail: Rail;
  constructor(private readonly kit: TerminalKit, cranes: number) {
    this.rail = kit.rail();
    for (let i = 0; i < cranes; i++) this.hooks.push(kit.hook());
  }
  describe() { return this.hooks.map(h => h.lift()).join() + this.rail.length(); }
}
export const terminals = [new Terminal(new HeavyKit(), 2), new Terminal(new LightKit(), 1)];
