abstract class Trip {
    fun take() {
        pack()
        travel()
        before()
        visit()
        eat()
        after()
    }

    protected fun pack() = println("packing")

    protected fun eat() = println("eating")

    protected abstract fun travel()

    protected abstract fun visit()

    protected open fun before() {}

    protected open fun after() {}
}

class SeaTrip : Trip() {
    override fun travel() = println("by ship")
    override fun visit() = println("an island")
}

class HillTrip : Trip() {
    override fun travel() = println("on foot")
    override fun visit() = println("a hut")
    override fun before() = println("boots off")
}

fun client(trip: Trip) = trip.take()

fun main() {
    client(SeaTrip())
    client(HillTrip())
}
