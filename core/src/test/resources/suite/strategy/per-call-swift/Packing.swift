protocol Packer {
    func boxes(for items: [Int]) -> Int
}

struct TightPacker: Packer {
    func boxes(for items: [Int]) -> Int {
        (items.reduce(0, +) + 99) / 100
    }
}

struct LoosePacker: Packer {
    func boxes(for items: [Int]) -> Int {
        items.count
    }
}

struct Shipment {
    private var items: [Int] = []

    mutating func add(_ item: Int) {
        items.append(item)
    }

    func cost(packedBy packer: Packer) -> Int {
        packer.boxes(for: items) * 7
    }
}

struct Quote {
    func cheapest(_ shipment: Shipment) -> Int {
        min(shipment.cost(packedBy: TightPacker()), shipment.cost(packedBy: LoosePacker()))
    }
}
