import { SlipDesk } from "./slip"

export class Pump {
    private running = false
    constructor(private readonly desk: SlipDesk | null = null) {}
    start(): void {
        this.running = true
        if (this.desk !== null) {
            this.desk.note("pump on")
        }
    }
    stop(): void {
        this.running = false
    }
}

export class Gate {
    private open = false
    swing(): void {
        this.open = !this.open
    }
}

export class Cradle {
    private depth = 0
    lower(metres: number): void {
        this.depth += metres
    }
}
