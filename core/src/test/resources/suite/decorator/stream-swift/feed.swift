protocol Feed {
    func next() -> String?
}

final class RadioFeed: Feed {
    private var lines = ["a", "b"]
    func next() -> String? { lines.popLast() }
}

final class Numbered: Feed {
    private let inner: Feed
    private var count = 0

    init(_ inner: Feed) { self.inner = inner }

    func next() -> String? {
        guard let line = inner.next() else { return nil }
        count += 1
        return "\(count) \(line)"
    }
}

final class Upper: Feed {
    private let inner: Feed
    init(_ inner: Feed) { self.inner = inner }
    func next() -> String? { inner.next()?.uppercased() }
}

let feed: Feed = Upper(Numbered(RadioFeed()))
print(feed.next() ?? "")
