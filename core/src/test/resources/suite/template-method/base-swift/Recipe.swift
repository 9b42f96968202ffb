class Recipe {
    func cook() -> [String] {
        var steps = ["wash hands"]
        steps += prepare()
        if needsOven {
            steps.append("heat the oven")
        }
        steps.append(finish())
        return steps
    }

    var needsOven: Bool { false }

    func prepare() -> [String] {
        fatalError("subclasses prepare")
    }

    func finish() -> String { "serve" }
}

final class Bread: Recipe {
    override var needsOven: Bool { true }
    override func prepare() -> [String] { ["knead", "wait"] }
}

final class Salad: Recipe {
    override func prepare() -> [String] { ["chop"] }
    override func finish() -> String { "toss" }
}
