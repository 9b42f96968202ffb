import Foundation

struct Passenger: Hashable { let name: String; let age: Int }
struct Vehicle { let plate: String; let metres: Double }

enum Deck: CaseIterable { case car, saloon, sun }

struct Sailing {
    let from: String
    let to: String
    let departs: Date
    private(set) var passengers: Set<Passenger> = []
    private(set) var vehicles: [Vehicle] = []

    mutating func board(_ passenger: Passenger) { passengers.insert(passenger) }
    mutating func load(_ vehicle: Vehicle) { vehicles.append(vehicle) }
}
