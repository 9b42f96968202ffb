interface PumpState {
    fun press(pump: Pump)
    fun litres(): Int
}

object Idle : PumpState {
    override fun press(pump: Pump) {
        pump.change(Running)
    }
    override fun litres() = 0
}

object Running : PumpState {
    override fun press(pump: Pump) {
        pump.change(Idle)
    }
    override fun litres() = 40
}

class Pump {
    private var state: PumpState = Idle

    fun change(to: PumpState) {
        state = to
    }

    fun press() = state.press(this)

    fun output() = state.litres()
}

class Engineer {
    fun start(pump: Pump) = pump.press()
}
