export interface Meter {
    litres(): number
    reset(): void
}

export class OldCounter {
    private pulses = 0
    pulse(): void { this.pulses++ }
    readPulses(): number { return this.pulses }
    zero(start: number): void { this.pulses = start }
}

export class CounterMeter extends OldCounter implements Meter {
    litres(): number { return this.readPulses() / 4 }
    reset(): void { this.zero(0) }
}

export function bill(meter: Meter): number {
    const sum = meter.litres() * 3
    meter.reset()
    return sum
}

bill(new CounterMeter())
