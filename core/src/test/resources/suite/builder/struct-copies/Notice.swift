struct Notice {
    let title: String
    let lines: [String]
    let urgent: Bool
}

struct NoticeBuilder {
    private var title = ""
    private var lines: [String] = []
    private var urgent = false

    func title(_ title: String) -> NoticeBuilder {
        var copy = self
        copy.title = title
        return copy
    }

    func line(_ line: String) -> NoticeBuilder {
        var copy = self
        copy.lines.append(line)
        return copy
    }

    func urgent(_ urgent: Bool = true) -> NoticeBuilder {
        var copy = self
        copy.urgent = urgent
        return copy
    }

    func build() -> Notice {
        Notice(title: title, lines: lines, urgent: urgent)
    }
}

let notice = NoticeBuilder().title("Fog").line("no ferries").urgent().build()
print(notice.title, notice.lines.count, notice.urgent)
