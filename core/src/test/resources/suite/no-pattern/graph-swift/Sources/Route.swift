struct Port: Hashable {
    let name: String
}

struct Leg {
    let to: Port
    let miles: Int
}

final class SeaMap {
    private var legs: [Port: [Leg]] = [:]

    func connect(_ a: Port, _ b: Port, miles: Int) {
        legs[a, default: []].append(Leg(to: b, miles: miles))
        legs[b, default: []].append(Leg(to: a, miles: miles))
    }

    func shortest(from start: Port, to end: Port) -> Int? {
        var best: [Port: Int] = [start: 0]
        var open: Set<Port> = [start]
        while let port = open.min(by: { best[$0]! < best[$1]! }) {
            open.remove(port)
            if port == end { return best[port] }
            for leg in legs[port] ?? [] {
                let miles = best[port]! + leg.miles
                if miles < best[leg.to] ?? Int.max {
                    best[leg.to] = miles
                    open.insert(leg.to)
                }
            }
        }
        return nil
    }
}

let map = SeaMap()
let aldera = Port(name: "Aldera")
let mota = Port(name: "Mota")
map.connect(aldera, mota, miles: 210)
print(map.shortest(from: aldera, to: mota) ?? -1)
