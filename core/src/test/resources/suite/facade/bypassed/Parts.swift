final class Pump { private var litres = 0; func run(_ n: Int) { litres += n } }
final class Hose { private var attached = false; func attach() { attached = true }; func detach() { attached = false } }
final class Bill { private var lines: [String] = []; func add(_ text: String) { lines.append(text) } }
final class FuelDock {
    private let pump: Pump
    private let hose: Hose
    private let bill = Bill()
    private var visits = 0
    init(pump: Pump, hose: Hose) { self.pump = pump; self.hose = hose }
    func fuel(_ boat: String, litres: Int) { visits += 1; hose.attach(); pump.run(litres); hose.detach(); bill.add(boat) }
}
final class Skipper { private let dock: FuelDock; init(dock: FuelDock) { self.dock = dock }; func fill() { dock.fuel("Pulga", litres: 40) } }
final class Hasty { private let dock: FuelDock; private let pump: Pump; init(dock: FuelDock, pump: Pump) { self.dock = dock; self.pump = pump }; func fill() { dock.fuel("Rayo", litres: 1); pump.run(90) } }
