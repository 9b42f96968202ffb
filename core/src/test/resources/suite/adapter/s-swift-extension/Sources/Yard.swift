final class Yard {
    private var stock: [Measurable] = []

    func take(_ item: Measurable) { stock.append(item) }

    func longest() -> String? {
        stock.max { $0.length() < $1.length() }?.label()
    }
}

let yard = Yard()
yard.take(Rope(metres: 12, colour: "red"))
yard.take(Chain(links: 400))
print(yard.longest() ?? "none")
