protocol MenuEntry {
    func render(indent: Int) -> String
}
final class Dish: MenuEntry {
    let name: String
    init(name: String) { self.name = name }
    func render(indent: Int) -> String { String(repeating: " ", count: indent) + name }
}
final class Note: MenuEntry {
    func render(indent: Int) -> String { "-- fish by the day --" }
}
final class Section: MenuEntry {
    private var dishes: [Dish] = []
    func add(_ dish: Dish) { dishes.append(dish) }
    func render(indent: Int) -> String {
        var out = ""
        for dish in dishes.dropFirst() {
            out += dish.render(indent: indent + 2)
        }
        return out
    }
}
final class Card {
    private let entries: [MenuEntry] = [Section(), Note()]
    func text() -> String { entries.map { $0.render(indent: 0) }.joined(separator: "\n") }
}
