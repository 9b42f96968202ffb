package tides

interface Forecast {
    fun height(hour: Int): Int
}

class TableForecast : Forecast {
    override fun height(hour: Int) = 300 + hour * 10
}

class MoonForecast(private val phase: Int) : Forecast {
    override fun height(hour: Int) = 280 + phase * hour
}

class TideBoard {
    private var forecast: Forecast = TableForecast()

    fun use(forecast: Forecast) {
        this.forecast = forecast
    }

    fun line(hour: Int): String {
        val mark = if (forecast is MoonForecast) "*" else ""
        return "$hour h: ${forecast.height(hour)}$mark"
    }
}

fun main() {
    val board = TideBoard()
    board.use(MoonForecast(3))
    println(board.line(4))
}
