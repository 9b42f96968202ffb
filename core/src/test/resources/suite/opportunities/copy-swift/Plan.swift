final class Route {
    var name: String
    var legs: [String] = []
    var miles = 0
    var closed = false
    init(name: String) { self.name = name }
    func add(_ leg: String, miles: Int) { legs.append(leg); self.miles += miles }
    func close() { closed = true }
}
final class Navigator {
    func alternative(to route: Route) -> Route {
        let copy = Route(name: route.name)
        copy.legs = route.legs
        copy.miles = route.miles
        return copy
    }
}
