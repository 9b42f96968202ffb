package band

class Parade(private val workshop: Workshop) {
    private val drums = mutableListOf<Drum>()

    fun equip(count: Int) {
        repeat(count) { drums.add(workshop.drum()) }
    }

    fun start(): String = drums.joinToString { it.beat(2) } + workshop.horn().blow("g")
}

fun main() {
    val parade = Parade(ToyWorkshop())
    parade.equip(3)
    println(parade.start())
    println(Parade(ConcertWorkshop()).start())
}
