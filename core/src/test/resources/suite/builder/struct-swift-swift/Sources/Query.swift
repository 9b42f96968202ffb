struct ShipQuery {
    let flag: String?
    let longest: Int?
    let names: [String]
}

struct ShipQueryBuilder {
    private var flag: String?
    private var longest: Int?
    private var names: [String] = []

    func under(_ flag: String) -> Self {
        var copy = self
        copy.flag = flag
        return copy
    }

    func upTo(_ metres: Int) -> Self {
        var copy = self
        copy.longest = metres
        return copy
    }

    func named(_ name: String) -> Self {
        var copy = self
        copy.names.append(name)
        return copy
    }

    func build() -> ShipQuery {
        precondition(flag != nil || longest != nil || !names.isEmpty, "ask for something")
        return ShipQuery(flag: flag, longest: longest, names: names)
    }
}

let query = ShipQueryBuilder().under("Aldera").upTo(90).named("Oria").build()
print(query.names)
