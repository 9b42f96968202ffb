protocol Exhibit {
    func accept(_ guide: Guide)
}

protocol Guide {
    func visit(painting: Painting)
    func visit(statue: Statue)
}

final class Painting: Exhibit {
    let year: Int
    init(year: Int) { self.year = year }
    func accept(_ guide: Guide) { guide.visit(painting: self) }
}

final class Statue: Exhibit {
    let kilos: Int
    init(kilos: Int) { self.kilos = kilos }
    func accept(_ guide: Guide) { guide.visit(statue: self) }
}

final class Insurance: Guide {
    private(set) var value = 0
    func visit(painting: Painting) { value += (2026 - painting.year) * 100 }
    func visit(statue: Statue) { value += statue.kilos * 10 }
}

final class Removal: Guide {
    private var crates = 0
    func visit(painting: Painting) { crates += 1 }
    func visit(statue: Statue) { crates += statue.kilos / 50 }
}

final class Hall {
    private var exhibits: [Exhibit] = []
    func hang(_ exhibit: Exhibit) { exhibits.append(exhibit) }
    func show(to guide: Guide) {
        for exhibit in exhibits {
            exhibit.accept(guide)
        }
    }
}
