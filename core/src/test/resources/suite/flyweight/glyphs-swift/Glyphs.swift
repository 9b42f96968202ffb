final class ChartSymbol {
    let name: String
    let outline: [Double]
    fileprivate init(name: String, outline: [Double]) {
        self.name = name
        self.outline = outline
    }
}

final class SymbolStore {
    private var kept: [String: ChartSymbol] = [:]

    func symbol(_ name: String) -> ChartSymbol {
        if let found = kept[name] { return found }
        let made = ChartSymbol(name: name, outline: name.utf8.map(Double.init))
        kept[name] = made
        return made
    }
}

struct Placed {
    let symbol: ChartSymbol
    let x: Double
}

final class Sheet {
    private let store: SymbolStore
    private var placed: [Placed] = []
    init(store: SymbolStore) { self.store = store }
    func put(_ name: String, x: Double) { placed.append(Placed(symbol: store.symbol(name), x: x)) }
}
