interface Rate {
    fun cents(tons: Int): Int
}

class Flat : Rate {
    override fun cents(tons: Int) = 900
}

class ByTons(private val each: Int) : Rate {
    override fun cents(tons: Int) = tons * each
}

class Toll {
    var rate: Rate? = null

    fun bill(tons: Int): Int = rate!!.cents(tons) + 50
}

fun main() {
    val toll = Toll()
    toll.rate = Flat()
    println(toll.bill(4))
    toll.rate = ByTons(30)
    println(toll.bill(4))
}
