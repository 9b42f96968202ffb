export class Pump { start() { this.on = true; } }
export class Valve { open() { this.at = 4; } }
export class Horn { blow() { this.blown = true; } }
