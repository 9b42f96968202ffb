import Foundation

final class Shape {
    let name: String
    var colour: String
    init(name: String, colour: String) {
        self.name = name
        self.colour = colour
    }
    func draw(x: Int, y: Int) -> String { "\(name)@\(x),\(y) in \(colour)" }
    func repaint(_ colour: String) { self.colour = colour }
}

final class ShapeStore {
    private var shapes: [String: Shape] = [:]
    func shape(named name: String) -> Shape {
        if let known = shapes[name] { return known }
        let made = Shape(name: name, colour: name == "can" ? "red" : "green")
        shapes[name] = made
        return made
    }
}

struct Buoy {
    let x: Int
    let y: Int
    let shape: Shape
}

final class Channel {
    private let store = ShapeStore()
    private var buoys: [Buoy] = []
    func lay(_ name: String, x: Int, y: Int) {
        buoys.append(Buoy(x: x, y: y, shape: store.shape(named: name)))
    }
    func chart() -> [String] { buoys.map { $0.shape.draw(x: $0.x, y: $0.y) } }
}
