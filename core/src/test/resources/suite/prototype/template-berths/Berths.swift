protocol BerthPlan: AnyObject {
    func copy() -> BerthPlan
    func describe() -> String
}

final class QuayPlan: BerthPlan {
    var bollards: [Int]
    var length: Double
    init(bollards: [Int], length: Double) { self.bollards = bollards; self.length = length }
    func copy() -> BerthPlan { QuayPlan(bollards: bollards, length: length) }
    func describe() -> String { "quay \(length) \(bollards.count)" }
}

final class FloatingPlan: BerthPlan {
    var anchors: Int
    var notes: [String] = []
    init(anchors: Int) { self.anchors = anchors }
    func copy() -> BerthPlan {
        let other = FloatingPlan(anchors: anchors)
        other.notes = notes
        return other
    }
    func describe() -> String { "floating \(anchors) \(notes)" }
}

final class PlanBook {
    private var templates: [String: BerthPlan] = [:]
    func keep(_ name: String, _ plan: BerthPlan) { templates[name] = plan }
    func draft(_ name: String) -> BerthPlan? { templates[name]?.copy() }
}
let book = PlanBook()
book.keep("north", QuayPlan(bollards: [1, 2], length: 80))
print(book.draft("north")?.describe() ?? "-")
