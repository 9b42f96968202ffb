package aldera.weather
interface WeatherEar { fun changed(wind: Int, wave: Int) }
class Buoy {
    private val ears = mutableListOf<WeatherEar>()
    private var wind = 0
    private var wave = 0
    fun hear(ear: WeatherEar) { ears += ear }
    fun measure(wind: Int, wave: Int) {
        this.wind = wind
        this.wave = wave
        for (ear in ears) ear.changed(wind, wave)
    }
    fun calm() { wave = 0 }
}
class Ferry : WeatherEar { var stopped = false; override fun changed(wind: Int, wave: Int) { stopped = wave > 4 } }
class Board : WeatherEar { private val lines = mutableListOf<String>(); override fun changed(wind: Int, wave: Int) { lines.add("$wind/$wave") } }
class Museum : WeatherEar { override fun changed(wind: Int, wave: Int) = Unit }
fun main() { val buoy = Buoy(); listOf(Ferry(), Board(), Museum()).forEach { buoy.hear(it) }; buoy.measure(20, 3) }
