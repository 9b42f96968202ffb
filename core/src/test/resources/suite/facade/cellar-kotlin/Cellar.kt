package wine

class Press {
    private var tons = 0
    fun squeeze(tons: Int): Int {
        this.tons += tons
        return tons * 600
    }
}

class Tank(private val litres: Int) {
    private var filled = 0
    fun fill(amount: Int): Boolean {
        if (filled + amount > litres) return false
        filled += amount
        return true
    }
}

class Thermostat {
    var celsius = 12
        private set
    fun cool(to: Int) { celsius = to }
}

class Winery {
    private val press = Press()
    private val tank = Tank(10_000)
    private val thermostat = Thermostat()

    fun harvest(tons: Int): Boolean {
        thermostat.cool(9)
        return tank.fill(press.squeeze(tons))
    }
}

class Owner(private val winery: Winery) {
    fun october() = winery.harvest(4) && winery.harvest(5)
}
