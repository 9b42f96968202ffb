struct Bill {
    var cents: Int
    var lines: [String] = []
}

final class BillPrinter {
    private let withTax: Bool
    private let withHeader: Bool
    private let rounded: Bool
    private let copies: Int

    init(withTax: Bool, withHeader: Bool = true, rounded: Bool = false, copies: Int = 1) {
        self.withTax = withTax
        self.withHeader = withHeader
        self.rounded = rounded
        self.copies = copies
    }

    func text(for bill: Bill) -> String {
        var out = ""
        var cents = bill.cents
        if withHeader {
            out += "PORT OF ALDERA\n"
        }
        if withTax {
            cents += cents / 5
            out += "tax \(cents / 5)\n"
        }
        if rounded { cents = (cents / 100) * 100 }
        for line in bill.lines { out += line + "\n" }
        return String(repeating: out + "\(cents)", count: copies)
    }
}
