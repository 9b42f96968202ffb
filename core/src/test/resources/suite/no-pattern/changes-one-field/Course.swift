struct Position {
    let north: Double
    let east: Double
}

final class Course {
    let name: String
    let points: [Position]
    let speed: Double

    init(name: String, points: [Position], speed: Double) {
        self.name = name
        self.points = points
        self.speed = speed
    }

    func with(speed: Double) -> Course {
        Course(name: name, points: points, speed: speed)
    }

    func renamed(_ name: String) -> Course {
        Course(name: name, points: points, speed: speed)
    }
}

let course = Course(name: "out", points: [], speed: 6)
print(course.with(speed: 4).renamed("slow").name)
