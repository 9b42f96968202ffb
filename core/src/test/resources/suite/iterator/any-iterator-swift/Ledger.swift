struct Entry {
    let day: Int
    let cents: Int
}

final class Ledger: Sequence {
    private var entries: [Int: [Entry]] = [:]

    func enter(_ entry: Entry) {
        entries[entry.day, default: []].append(entry)
    }

    func makeIterator() -> AnyIterator<Entry> {
        var days = entries.keys.sorted()[...]
        var rest: [Entry] = []
        return AnyIterator {
            while rest.isEmpty, let day = days.popFirst() {
                rest = self.entries[day] ?? []
            }
            return rest.isEmpty ? nil : rest.removeFirst()
        }
    }
}
