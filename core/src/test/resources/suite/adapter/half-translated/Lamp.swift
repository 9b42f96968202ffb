protocol NavLight {
    func on()
    func off()
    func colour() -> String
}
final class OilBurner {
    private var wick = 0
    func lightWick(height: Int) { wick = height }
    func snuff() { wick = 0 }
}
final class BurnerLight: NavLight {
    private let burner: OilBurner
    init(burner: OilBurner) { self.burner = burner }
    func on() { burner.lightWick(height: 4) }
    func off() { burner.snuff() }
    func colour() -> String { fatalError("not available on oil lamps") }
}
final class Mast {
    private let light: NavLight
    init(light: NavLight) { self.light = light }
    func dusk() { light.on() }
    func dawn() { light.off() }
}
let mast = Mast(light: BurnerLight(burner: OilBurner()))
