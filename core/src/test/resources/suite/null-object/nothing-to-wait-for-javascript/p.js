class RealPump { constructor() { this.l = 0; } async start() { this.l++; } async level() { return this.l; } stop() { this.l = 0; } }
class NoPump { start() { return Promise.resolve(); } async level() { return 0; } stop() {} }
class Dock { constructor(pump) { this.pump = pump ?? new NoPump(); } async go() { await this.pump.start(); if (await this.pump.level() > 3) this.pump.stop(); } }
new Dock(new RealPump()).go(); new Dock().go();
