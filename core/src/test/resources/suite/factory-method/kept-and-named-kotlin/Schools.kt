package schools

interface Boat {
    fun length(): Int
}

class Dinghy : Boat {
    override fun length() = 4
}

class Cutter : Boat {
    override fun length() = 9
}

abstract class School {
    abstract fun createBoat(): Boat

    fun lesson(): Int = createBoat().length() * 10
}

class JuniorSchool : School() {
    private val boat = Dinghy()

    override fun createBoat(): Boat = boat
}

class SeniorSchool : School() {
    override fun createBoat(): Boat = Cutter()
}

class Regatta(private val schools: List<School>) {
    fun longest(): Int {
        val own = Cutter()
        return schools.maxOf { it.createBoat().length() }.coerceAtLeast(own.length())
    }
}

fun main() {
    val schools = listOf(JuniorSchool(), SeniorSchool())
    println(Regatta(schools).longest() + schools.sumOf { it.lesson() })
}
