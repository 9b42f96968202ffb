package aldera.race

data class Boat(val name: String, val minutes: Int, val handicap: Double)

typealias Scoring = (Boat) -> Double

val plain: Scoring = { it.minutes.toDouble() }
val corrected: Scoring = { it.minutes * it.handicap }

class Regatta(private var scoring: Scoring = plain) {
    private val boats = mutableListOf<Boat>()

    fun enter(boat: Boat) {
        boats += boat
    }

    fun scoreBy(scoring: Scoring) {
        this.scoring = scoring
    }

    fun winner(): Boat? = boats.minByOrNull { scoring(it) }
}

fun main() {
    val regatta = Regatta()
    regatta.enter(Boat("Ariel", 91, 0.98))
    regatta.scoreBy(corrected)
    regatta.scoreBy { boat -> boat.minutes + boat.name.length * 0.1 }
    println(regatta.winner())
}
