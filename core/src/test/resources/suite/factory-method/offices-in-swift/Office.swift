protocol Paper {
    var title: String { get }
    func stamp()
}

final class EntryPaper: Paper {
    let title = "entry"
    func stamp() { print("in") }
}

final class TransitPaper: Paper {
    let title = "transit"
    func stamp() { print("through") }
}

class Office {
    func makePaper() -> Paper {
        fatalError("offices make their own")
    }

    func serve() {
        let paper = makePaper()
        paper.stamp()
    }
}

final class EntryOffice: Office {
    override func makePaper() -> Paper { EntryPaper() }
}

final class TransitOffice: Office {
    override func makePaper() -> Paper { TransitPaper() }
}

for office in [EntryOffice(), TransitOffice()] as [Office] {
    office.serve()
}
