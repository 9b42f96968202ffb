final class Hold {
    private var crates: [String] = []

    func put(_ crate: String) {
        crates.append(crate)
    }

    func forEachCrate(_ action: (String) -> Void) {
        for crate in crates {
            action(crate)
        }
    }

    func first(where fits: (String) -> Bool) -> String? {
        for crate in crates where fits(crate) {
            return crate
        }
        return nil
    }
}

let hold = Hold()
hold.put("apples")
hold.forEachCrate { print($0) }
print(hold.first { $0.hasPrefix("a") } ?? "none")
