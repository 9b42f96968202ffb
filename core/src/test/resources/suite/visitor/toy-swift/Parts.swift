protocol Piece {
    func accept(_ looker: Looker)
}

class Wheel: Piece {
    func accept(_ looker: Looker) { looker.visitWheel(element: self) }
    func spokes() -> String { "spokes" }
}

class Frame: Piece {
    func accept(_ looker: Looker) { looker.visitFrame(element: self) }
    func paint() -> String { "paint" }
}

protocol Looker {
    func visitWheel(element: Wheel)
    func visitFrame(element: Frame)
}

class Buyer: Looker {
    func visitWheel(element: Wheel) { print(element.spokes() + " buyer") }
    func visitFrame(element: Frame) { print(element.paint() + " buyer") }
}

class Thief: Looker {
    func visitWheel(element: Wheel) { print(element.spokes() + " thief") }
    func visitFrame(element: Frame) { print(element.paint() + " thief") }
}

func all(_ pieces: [Piece], _ looker: Looker) {
    pieces.forEach { $0.accept(looker) }
}

all([Wheel(), Frame()], Buyer())
all([Wheel(), Frame()], Thief())
