protocol Copyable {
    func copy() -> Self
}

final class Route: Copyable {
    private var stops: [String]
    private var draught: Double
    private var remarks: [String] = []

    init(stops: [String], draught: Double) {
        self.stops = stops
        self.draught = draught
    }

    func add(_ stop: String) {
        stops.append(stop)
    }

    func remark(_ text: String) {
        remarks.append(text)
    }

    func copy() -> Route {
        return Route(stops: stops, draught: draught)
    }

    func describe() -> String {
        stops.joined(separator: " > ") + remarks.joined()
    }
}

struct Office {
    let usual: Route

    func variant(via stop: String) -> Route {
        let route = usual.copy()
        route.add(stop)
        return route
    }
}
