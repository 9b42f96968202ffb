package aldera

interface Fee {
    fun due(ship: Ship): Int
    operator fun plus(other: Fee): Fee = Sum(this, other)
    operator fun times(by: Int): Fee = Scaled(this, by)
}

class Ship(val length: Int, val nights: Int)

class Flat(private val amount: Int) : Fee {
    override fun due(ship: Ship) = amount
}

object PerNight : Fee {
    override fun due(ship: Ship) = ship.nights
}

class Sum(private val one: Fee, private val two: Fee) : Fee {
    override fun due(ship: Ship) = one.due(ship) + two.due(ship)
}

class Scaled(private val fee: Fee, private val by: Int) : Fee {
    override fun due(ship: Ship) = fee.due(ship) * by
}

fun main() {
    val fee = Flat(20) + PerNight * 15
    println(fee.due(Ship(30, 2)))
}
