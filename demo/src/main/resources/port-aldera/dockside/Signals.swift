class LampSignal: Signal {
    let name: String

    init(name: String) {
        self.name = name
    }

    func raise(on dock: Dock) -> Flag? {
        .pilot
    }
}

final class SickSignal: LampSignal {
    override func raise(on dock: Dock) -> Flag? {
        .quarantine(days: 3)
    }
}

@propertyWrapper
struct Clamped<Value: Comparable> {
    private var value: Value
    let range: ClosedRange<Value>

    var wrappedValue: Value {
        get { value }
        set { value = min(max(newValue, range.lowerBound), range.upperBound) }
    }

    init(wrappedValue: Value, _ range: ClosedRange<Value>) {
        self.value = wrappedValue
        self.range = range
    }
}

final class NightWatch: Watchman {
    @Clamped(0...12) var hour = 3

    func depthChanged(_ dock: Dock) {
        if dock.depth < 5, hour > 2 {
            dock.raiseAll()
        }
    }
}

extension String: LogLine {
    var text: String { self }
}

protocol LogLine {
    var text: String { get }
}

func openDock() -> Dock {
    let dock = Dock.shared
    dock.add(SickSignal(name: "sick bay"))
    dock.onChange = { flag in print(flag) }
    dock.hire(NightWatch())
    return dock
}
