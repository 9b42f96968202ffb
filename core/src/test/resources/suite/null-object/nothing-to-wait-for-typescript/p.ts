interface Pump { start(): Promise<void>; level(): Promise<number>; name(): Promise<string | undefined>; parts(): Promise<string[]>; stop(): void }
class RealPump implements Pump { private l = 0; async start() { this.l++; } async level() { return this.l; } async name() { return "p" + this.l; } async parts() { return ["a"]; } stop() { this.l = 0; } }
class NoPump implements Pump { start() { return Promise.resolve(); } level() { return Promise.resolve(0); } name() { return Promise.resolve(undefined); } async parts() { return []; } stop() {} }
class Dock { constructor(private pump: Pump = new NoPump()) {} go() { return this.pump.start(); } }
new Dock(new RealPump()).go(); new Dock().go();
