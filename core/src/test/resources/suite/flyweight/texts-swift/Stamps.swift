final class Stamp {
    let text: String
    private let pattern: [Int]

    init(text: String, pattern: [Int]) {
        self.text = text
        self.pattern = pattern
    }

    func press(on crate: String) -> String { "\(crate): \(text) \(pattern.count)" }
}

final class StampDrawer {
    private var stamps: [String: Stamp] = [:]

    func stamp(_ text: String) -> Stamp {
        if let known = stamps[text] {
            return known
        }
        let made = Stamp(text: text, pattern: Array(0..<100))
        stamps[text] = made
        return made
    }
}

let drawer = StampDrawer()
for crate in ["rope", "salt", "fish"] {
    print(drawer.stamp("seen").press(on: crate))
}
