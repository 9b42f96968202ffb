struct NoticeBoard {
    var loud: Bool
    var dated: Bool

    func text(_ what: String) -> String {
        var out = what
        if loud { out = out.uppercased() }
        if dated { out += " (today)" }
        return out
    }
}

print(NoticeBoard(loud: true, dated: false).text("fog"))
