protocol Document {
    func lines() -> [String]
}

struct Manifest: Document {
    let crates: Int
    func lines() -> [String] { ["crates: \(crates)"] }
}

struct CrewList: Document {
    let names: [String]
    func lines() -> [String] { names }
}

class Office {
    private(set) var printed = 0

    func makeDocument() -> Document {
        fatalError("every office has a document of its own")
    }

    final func printAll(copies: Int) -> String {
        let document = makeDocument()
        printed += copies
        return Array(repeating: document.lines().joined(separator: "\n"), count: copies).joined(separator: "\n\n")
    }
}

final class CargoOffice: Office {
    override func makeDocument() -> Document { Manifest(crates: 12) }
}

final class CrewOffice: Office {
    override func makeDocument() -> Document { CrewList(names: ["Ines", "Tomas"]) }
}

let offices: [Office] = [CargoOffice(), CrewOffice()]
for office in offices {
    print(office.printAll(copies: 2))
}
