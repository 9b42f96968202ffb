package living

interface Device {
    var volume: Int
    fun power(on: Boolean)
    fun channel(number: Int)
}

class Radio : Device {
    override var volume = 3
    private var on = false
    override fun power(on: Boolean) { this.on = on }
    override fun channel(number: Int) { volume = if (number > 9) 1 else volume }
}

class Television : Device {
    override var volume = 5
    private var shown = 0
    override fun power(on: Boolean) { if (!on) shown = 0 }
    override fun channel(number: Int) { shown = number }
}
