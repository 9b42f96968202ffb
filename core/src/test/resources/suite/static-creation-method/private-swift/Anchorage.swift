final class Anchorage {
    let name: String

    private init(name: String) {
        self.name = name
    }

    static func named(_ name: String) -> Anchorage {
        return Anchorage(name: name)
    }
}

struct Chart {
    func mark() -> String {
        return Anchorage.named("West").name
    }
}
