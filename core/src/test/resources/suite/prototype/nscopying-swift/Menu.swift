import Foundation

class Menu: NSObject, NSCopying {
    var title: String
    var courses: [String]

    init(title: String, courses: [String] = []) {
        self.title = title
        self.courses = courses
    }

    func copy(with zone: NSZone? = nil) -> Any {
        return Menu(title: title, courses: courses)
    }

    func add(_ course: String) {
        courses.append(course)
    }
}
