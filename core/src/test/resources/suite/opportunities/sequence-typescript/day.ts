export class Pump { private n = 0; start(): void { this.n++; } }
export class Lights { private n = 0; on(): void { this.n++; } }
export class Gate { private n = 0; open(): void { this.n++; } }
export class Morning {
  constructor(private pump: Pump, private lights: Lights, private gate: Gate) {}
  begin(): void { this.lights.on(); this.pump.start(); this.gate.open(); }
}
export class Evening {
  constructor(private pump: Pump, private lights: Lights, private gate: Gate) {}
  run(): void { this.lights.on(); this.pump.start(); this.gate.open(); }
}
