import Foundation

final class FlagDesign {
    let letter: Character
    let colours: [String]

    fileprivate init(letter: Character, colours: [String]) {
        self.letter = letter
        self.colours = colours
    }

    func hoist(at position: Int) -> String {
        return "\(letter) at \(position): \(colours.joined(separator: "/"))"
    }
}

final class FlagLocker {
    private var designs: [Character: FlagDesign] = [:]
    private let lock = NSLock()

    func design(for letter: Character) -> FlagDesign {
        lock.lock()
        defer { lock.unlock() }
        if let known = designs[letter] {
            return known
        }
        let fresh = FlagDesign(letter: letter, colours: colours(of: letter))
        designs[letter] = fresh
        return fresh
    }

    private func colours(of letter: Character) -> [String] {
        switch letter {
        case "A": return ["white", "blue"]
        case "B": return ["red"]
        default: return ["yellow"]
        }
    }
}
