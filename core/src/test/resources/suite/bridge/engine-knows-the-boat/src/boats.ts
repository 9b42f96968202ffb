import { Engine } from "./engines"

export abstract class Boat {
    protected speed = 0
    constructor(protected readonly engine: Engine) {}
    abstract length(): number
    go(power: number): void {
        this.speed = this.engine.turn(power)
    }
    stop(): void {
        this.engine.halt()
        this.speed = 0
    }
}

export class Tug extends Boat {
    length(): number {
        return 24
    }
    push(): void {
        this.engine.turn(100)
    }
}

export class Launch extends Boat {
    length(): number {
        return 9
    }
}
