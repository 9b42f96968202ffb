interface GateState {
    push(): GateState
    coin(): GateState
    readonly open: boolean
}

class Locked implements GateState {
    readonly open = false
    push(): GateState {
        return this
    }
    coin(): GateState {
        return new Unlocked()
    }
}

class Unlocked implements GateState {
    readonly open = true
    push(): GateState {
        return new Locked()
    }
    coin(): GateState {
        return this
    }
}

export class Gate {
    private state: GateState = new Locked()
    push(): void {
        this.state = this.state.push()
    }
    coin(): void {
        this.state = this.state.coin()
    }
    isOpen(): boolean {
        return this.state.open
    }
}

const gate = new Gate()
gate.coin()
gate.push()
