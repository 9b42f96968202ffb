struct Box {
    let goods: String
    let value: Int
}

class Officer {
    private var next: Officer?

    @discardableResult
    func then(_ officer: Officer) -> Officer {
        next = officer
        return officer
    }

    func clear(_ box: Box) -> String {
        guard let next else { return "cleared" }
        return next.clear(box)
    }
}

final class GoodsOfficer: Officer {
    override func clear(_ box: Box) -> String {
        if box.goods == "powder" { return "held" }
        return super.clear(box)
    }
}

final class ValueOfficer: Officer {
    private let limit: Int
    init(limit: Int) { self.limit = limit }

    override func clear(_ box: Box) -> String {
        box.value > limit ? "dues" : super.clear(box)
    }
}

let first = Officer()
first.then(GoodsOfficer()).then(ValueOfficer(limit: 300))
print(first.clear(Box(goods: "tea", value: 90)))
