struct Writer {
    struct Wide { let wide: Bool }
}
private typealias Options = Writer.Wide
private final class Piece {
    let options: Options
    init(options: Options) { self.options = options }
}
