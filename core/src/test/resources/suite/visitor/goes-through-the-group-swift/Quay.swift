protocol Visitor: AnyObject {
    func visit(_ berth: Berth)
    func visit(_ quay: Quay)
}

protocol Spot {
    func accept(_ visitor: Visitor)
}

struct Berth: Spot {
    let metres: Int

    func accept(_ visitor: Visitor) {
        visitor.visit(self)
    }
}

final class Quay: Spot, Sequence {
    private var spots: [any Spot] = []

    func add(_ spot: any Spot) {
        spots.append(spot)
    }

    func makeIterator() -> IndexingIterator<[any Spot]> {
        spots.makeIterator()
    }

    func accept(_ visitor: Visitor) {
        visitor.visit(self)
    }
}

final class Length: Visitor {
    private(set) var sum = 0

    func visit(_ berth: Berth) {
        sum += berth.metres
    }

    func visit(_ quay: Quay) {
        for spot in quay {
            spot.accept(self)
        }
    }
}

let quay = Quay()
quay.add(Berth(metres: 40))
let length = Length()
quay.accept(length)
print(length.sum)
