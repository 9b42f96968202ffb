protocol Filter: AnyObject {
    var next: Filter! { get set }
    func accept(_ text: String) -> Bool
}

final class LengthFilter: Filter {
    var next: Filter!
    func accept(_ text: String) -> Bool {
        if text.count > 140 { return false }
        return next.accept(text)
    }
}

final class SwearFilter: Filter {
    var next: Filter!
    private let words: Set<String>
    init(words: Set<String>) { self.words = words }
    func accept(_ text: String) -> Bool {
        for word in text.split(separator: " ") where words.contains(String(word)) {
            return false
        }
        return next.accept(text)
    }
}

final class LinkFilter: Filter {
    var next: Filter!
    func accept(_ text: String) -> Bool {
        if text.contains("http") { return false }
        return next.accept(text)
    }
}
