protocol Meter {
    func litres() -> Double
    func reset()
}

class OldCounter {
    private var pulses = 0
    func pulse() { pulses += 1 }
    func readPulses() -> Int { pulses }
    func zero(_ start: Int) { pulses = start }
}

final class CounterMeter: OldCounter, Meter {
    func litres() -> Double { Double(readPulses()) / 4 }
    func reset() { zero(0) }
}

final class WaterBill {
    func sum(_ meter: Meter) -> Double {
        let sum = meter.litres() * 3
        meter.reset()
        return sum
    }
}

print(WaterBill().sum(CounterMeter()))
