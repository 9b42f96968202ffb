package ferry

fun main() {
    val passengers = Passengers()
    Counter += Till()
    Counter += passengers
    Counter.sell(Party(listOf(Adult(2), Child, Reduced(Adult(3), 20))))
    println(passengers.count)
}
