final class Board {
    private let first: Filter
    private var posts: [String] = []

    init(first: Filter) { self.first = first }

    func post(_ text: String) {
        if first.accept(text) { posts.append(text) }
    }
}
