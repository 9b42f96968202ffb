final class Galley {
    private let printer: (String) -> Void

    init(printer: @escaping (String) -> Void) {
        self.printer = printer
    }

    func today() throws {
        let menu = try MenuBuilder()
            .named("Night ferry")
            .with(dish: "Chickpea stew")
            .with(dish: "Flat bread")
            .costing(950)
            .withoutMeat()
            .finish()
        printer(menu.line())
    }
}
