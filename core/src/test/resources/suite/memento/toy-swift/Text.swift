import Foundation

class Text {
    private var words: String

    init(words: String) {
        self.words = words
    }

    func shuffle() {
        words = String(words.reversed())
    }

    func save() -> Memento {
        return ConcreteMemento(words: words)
    }

    func restore(memento: Memento) {
        guard let memento = memento as? ConcreteMemento else { return }
        self.words = memento.words
    }
}

protocol Memento {
    var name: String { get }
    var date: Date { get }
}

class ConcreteMemento: Memento {
    private(set) var words: String
    private(set) var date: Date

    init(words: String) {
        self.words = words
        self.date = Date()
    }

    var name: String { return words + " " + date.description.suffix(14).prefix(8) }
}

class Desk {
    private lazy var past = [Memento]()
    private var text: Text

    init(text: Text) {
        self.text = text
    }

    func backup() {
        past.append(text.save())
    }

    func undo() {
        guard !past.isEmpty else { return }
        let removed = past.removeLast()
        text.restore(memento: removed)
    }

    func show() {
        past.forEach({ print($0.name) })
    }
}
