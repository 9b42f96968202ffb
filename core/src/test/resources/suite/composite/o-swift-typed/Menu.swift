class MenuItem {
    let title: String
    init(title: String) { self.title = title }
    func price() -> Int { 0 }
    func render(indent: Int) -> String { String(repeating: " ", count: indent) + title }
}

final class Drink: MenuItem {
    private let cents: Int
    init(title: String, cents: Int) { self.cents = cents; super.init(title: title) }
    override func price() -> Int { cents }
}

final class Meal: MenuItem {
    private var drinks: [Drink] = []
    func add(_ drink: Drink) { drinks.append(drink) }
    override func price() -> Int { drinks.reduce(900) { $0 + $1.price() } }
    override func render(indent: Int) -> String {
        var out = super.render(indent: indent)
        for drink in drinks { out += "\n" + drink.render(indent: indent + 2) }
        return out
    }
}

final class Waiter {
    func bill(_ items: [MenuItem]) -> Int {
        var sum = 0
        for item in items {
            if let meal = item as? Meal { sum += meal.price() - 50 } else { sum += item.price() }
        }
        return sum
    }
}
