final class Label {
    private var text = ""
    private var size = 12
    private var bold = false

    @discardableResult
    func text(_ text: String) -> Self {
        self.text = text
        return self
    }

    @discardableResult
    func size(_ size: Int) -> Self {
        self.size = size
        return self
    }

    @discardableResult
    func bold(_ bold: Bool = true) -> Self {
        self.bold = bold
        return self
    }

    func draw() -> String {
        bold ? "**\(text)**" : "\(text) \(size)"
    }
}

print(Label().text("Aldera").size(20).bold().draw())
