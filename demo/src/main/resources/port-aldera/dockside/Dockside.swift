import Foundation

protocol Signal: AnyObject {
    var name: String { get }
    func raise(on dock: Dock) -> Flag?
}

extension Signal {
    func lower(on dock: Dock) {
        dock.clear()
    }
}

enum Flag {
    case pilot
    case quarantine(days: Int)
}

final class Dock {
    static let shared = Dock()
    private weak var watchman: Watchman?
    private var signals: [Signal] = []
    private(set) var flags: [String: Flag] = [:]
    lazy var book = LogBook()
    var onChange: ((Flag) -> Void)?
    var depth: Double = 8 {
        didSet {
            watchman?.depthChanged(self)
        }
    }

    private init() {}

    func add(_ signal: Signal) {
        signals.append(signal)
    }

    func raiseAll() {
        for signal in signals {
            guard let flag = signal.raise(on: self) else { continue }
            flags[signal.name] = flag
            onChange?(flag)
            book.write(signal.name)
        }
    }

    func clear() {
        flags.removeAll()
    }

    func hire(_ watchman: Watchman) {
        self.watchman = watchman
    }
}

protocol Watchman: AnyObject {
    func depthChanged(_ dock: Dock)
}

struct Entry {
    let line: String
    var checked = false
}

final class LogBook {
    private var entries: [Entry] = []

    func write(_ line: String) {
        entries.append(Entry(line: line))
    }
}

extension LogBook: Sequence {
    func makeIterator() -> EntryIterator {
        EntryIterator(entries: entries)
    }
}

struct EntryIterator: IteratorProtocol {
    let entries: [Entry]
    private var at = 0

    init(entries: [Entry]) {
        self.entries = entries
    }

    mutating func next() -> Entry? {
        defer { at += 1 }
        return at < entries.count ? entries[at] : nil
    }
}

actor Counter {
    private var count = 0

    func up() {
        count += 1
    }
}
