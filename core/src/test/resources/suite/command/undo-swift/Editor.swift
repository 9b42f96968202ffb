protocol Edit {
    func apply()
    func revert()
}

final class Page {
    private(set) var text = ""
    func append(_ part: String) { text += part }
    func cut(_ count: Int) { text.removeLast(count) }
}

final class Insert: Edit {
    private let page: Page
    private let part: String

    init(page: Page, part: String) {
        self.page = page
        self.part = part
    }

    func apply() { page.append(part) }
    func revert() { page.cut(part.count) }
}

final class Shout: Edit {
    private let page: Page

    init(page: Page) { self.page = page }

    func apply() { page.append("!") }
    func revert() { page.cut(1) }
}

final class History {
    private var done: [Edit] = []

    func perform(_ edit: Edit) {
        edit.apply()
        done.append(edit)
    }

    func undo() {
        guard let last = done.popLast() else { return }
        last.revert()
    }
}
