struct Menu {
    let title: String
    let dishes: [String]
    let price: Int
    let vegan: Bool

    func line() -> String {
        return "\(title): \(dishes.joined(separator: ", ")) for \(price)"
    }
}

enum MenuError: Error {
    case noDishes
    case noTitle
}
