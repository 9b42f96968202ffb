protocol GoodsVisitor {
    func visit(grain: Grain)
    func visit(oil: Oil)
}

protocol Goods {
    func accept(_ visitor: GoodsVisitor)
}

final class Grain: Goods {
    let tons: Int
    init(tons: Int) { self.tons = tons }
    func accept(_ visitor: GoodsVisitor) { visitor.visit(grain: self) }
}

final class Oil: Goods {
    let barrels: Int
    init(barrels: Int) { self.barrels = barrels }
    func accept(_ visitor: GoodsVisitor) { visitor.visit(oil: self) }
}

final class Timber: Goods {
    let planks: Int
    init(planks: Int) { self.planks = planks }
    func accept(_ visitor: GoodsVisitor) {}
}

final class Hold: Goods {
    private var goods: [Goods] = []
    func add(_ one: Goods) { goods.append(one) }
    func accept(_ visitor: GoodsVisitor) {
        for one in goods { one.accept(visitor) }
    }
}

final class Insurer: GoodsVisitor {
    private(set) var sum = 0
    func visit(grain: Grain) { sum += grain.tons * 3 }
    func visit(oil: Oil) { sum += oil.barrels * 9 }
}

func insure(_ hold: Hold) -> Int {
    let insurer = Insurer()
    hold.accept(insurer)
    return insurer.sum
}
