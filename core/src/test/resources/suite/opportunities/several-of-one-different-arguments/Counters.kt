package aldera.counters

class Counter(private val name: String) {
    private var value = 0

    fun up() {
        value++
    }

    fun text() = "$name $value"
}

class Gatehouse {
    private val cars = Counter("cars")

    fun pass(): String {
        cars.up()
        return cars.text()
    }
}

class Quayside {
    private val ships = Counter("ships")

    fun moor(): String {
        ships.up()
        return ships.text()
    }
}

fun main() = println(Gatehouse().pass() + Quayside().moor())
