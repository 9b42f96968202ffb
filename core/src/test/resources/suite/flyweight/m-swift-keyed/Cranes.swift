final class CraneModel {
    let maker: String
    let reach: Int
    let colour: String
    init(maker: String, reach: Int, colour: String) {
        self.maker = maker
        self.reach = reach
        self.colour = colour
    }
    func lifts(_ tons: Int, at metres: Int) -> Bool { metres <= reach && tons < 40 }
}

final class CraneCatalogue {
    private var models = [String: CraneModel]()

    func model(maker: String, reach: Int, colour: String) -> CraneModel {
        if let model = models[maker] {
            return model
        }
        let model = CraneModel(maker: maker, reach: reach, colour: colour)
        models[maker] = model
        return model
    }
}

struct Quay {
    let catalogue: CraneCatalogue
    func plan() -> Bool {
        let near = catalogue.model(maker: "Liebe", reach: 30, colour: "blue")
        let far = catalogue.model(maker: "Liebe", reach: 60, colour: "red")
        return near.lifts(10, at: 20) && far.lifts(10, at: 50)
    }
}
