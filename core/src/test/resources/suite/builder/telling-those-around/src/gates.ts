export class Failed {
    constructor(public readonly cause: unknown) {}
}

export interface Watched {
    listeners: Set<() => void> | undefined
    opened(): void
    closed(): void
}

export class Gate implements Watched {
    listeners: Set<() => void> | undefined
    endings: Set<() => void> | undefined
    private busy = false

    constructor(private readonly work: () => number) {}

    opened(): void {
        if (this.listeners) {
            this.listeners.forEach(listener => listener())
        }
    }

    closed(): void {
        if (this.endings) {
            this.endings.forEach(listener => listener())
        }
    }

    passed(watched: boolean): number | Failed {
        this.busy = true
        let result: number | Failed
        if (watched) {
            result = attempt(this, this.work)
        } else {
            try {
                result = this.work()
            } catch (error) {
                result = new Failed(error)
            }
        }
        this.busy = false
        return result
    }
}

function attempt(gate: Gate, work: () => number): number | Failed {
    try {
        return work()
    } catch (error) {
        return new Failed(error)
    }
}

export function run(watched: Watched): void {
    watched.opened()
    watched.closed()
}

export function traffic(): void {
    const gate = new Gate(() => 4)
    run(gate)
    const result = gate.passed(true)
    if (result instanceof Failed) {
        console.log(result.cause)
    }
}
