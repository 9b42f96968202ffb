protocol PlanVisitor {
    func visit(wall: Wall)
    func visit(door: Door)
}

class PlanPart {
    func accept(_ visitor: PlanVisitor) { fatalError("abstract") }
}

final class Wall: PlanPart {
    let metres: Double
    init(metres: Double) { self.metres = metres }
    override func accept(_ visitor: PlanVisitor) {
        visitor.visit(wall: self)
    }
}

final class Door: PlanPart {
    var locked = false
    override func accept(_ visitor: PlanVisitor) {
        if let counter = visitor as? DoorCounter {
            counter.doors += 1
        } else {
            visitor.visit(door: self)
        }
    }
}

final class Gate: PlanPart {
    override func accept(_ visitor: PlanVisitor) {}
}

final class DoorCounter: PlanVisitor {
    var doors = 0
    func visit(wall: Wall) {}
    func visit(door: Door) { doors += 1 }
}

final class Measurer: PlanVisitor {
    private(set) var total = 0.0
    func visit(wall: Wall) { total += wall.metres }
    func visit(door: Door) { total += 0.9 }
}

final class Plan {
    private let parts: [PlanPart]
    init(parts: [PlanPart]) { self.parts = parts }
    func measure() -> Double {
        let measurer = Measurer()
        parts.forEach { $0.accept(measurer) }
        return measurer.total
    }
}
