struct Reader {
    struct Deep { let deep: Bool }
}
private typealias Options = Reader.Deep
private final class Part {
    let options: Options
    init(options: Options) { self.options = options }
}
