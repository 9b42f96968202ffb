protocol Greeting {
    var name: String { get }
    func opening() -> String
    func closing() -> String
}

extension Greeting {
    func letter(_ text: String) -> String {
        opening() + " " + name + ",\n" + text + "\n" + closing()
    }
}

struct FormalGreeting: Greeting {
    let name: String
    func opening() -> String { "Dear" }
    func closing() -> String { "Yours faithfully" }
}

struct FriendlyGreeting: Greeting {
    let name: String
    func opening() -> String { "Hi" }
    func closing() -> String { "See you" }
}
