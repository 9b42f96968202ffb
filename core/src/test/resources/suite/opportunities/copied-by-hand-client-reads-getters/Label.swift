final class CrateLabel {
    var text: String
    var weight: Int
    private(set) var stamps: [String] = []

    init(text: String, weight: Int) {
        self.text = text
        self.weight = weight
    }

    func stamp(_ mark: String) { stamps.append(mark) }
}

final class LabelDesk {
    func again(_ label: CrateLabel) -> CrateLabel {
        let copy = CrateLabel(text: label.text, weight: label.weight)
        return copy
    }
}

let label = CrateLabel(text: "rope", weight: 3)
label.stamp("seen")
print(LabelDesk().again(label).stamps.count)
