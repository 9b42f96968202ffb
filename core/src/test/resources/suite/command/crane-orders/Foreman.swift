final class Foreman {
    private let book = OrderBook()
    private let crane = Crane()

    func morning() {
        book.add(GrabOrder(crane: crane, box: "A-17"))
        book.add(HoistOrder(crane: crane, metres: 9))
        book.workOff()
        book.undo()
    }
}
