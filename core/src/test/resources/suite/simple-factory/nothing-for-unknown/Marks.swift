protocol Mark { func draw() -> String }
struct Can: Mark { func draw() -> String { "can" } }
struct Cone: Mark { func draw() -> String { "cone" } }
struct Ball: Mark { func draw() -> String { "ball" } }
final class MarkFactory {
    private let spare = Ball()
    func create(_ name: String) -> Mark? {
        switch name {
        case "can": return Can()
        case "cone": return Cone()
        case "ball": return spare
        default: return nil
        }
    }
}
final class Plotter {
    private let factory = MarkFactory()
    func plot(_ name: String) -> String {
        guard let mark = factory.create(name) else { return Can().draw() }
        if mark is Cone { return "!" }
        return mark.draw()
    }
}
