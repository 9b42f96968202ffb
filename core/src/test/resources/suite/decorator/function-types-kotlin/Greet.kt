package aldera

typealias Greeting = (String) -> String

val plain: Greeting = { "ahoy $it" }

fun loud(inner: Greeting): Greeting = { inner(it).uppercase() }

fun signed(inner: Greeting, by: String): Greeting = { name -> inner(name) + ", " + by }

class Pier(private val greeting: Greeting) {
    fun welcome(ship: String) = println(greeting(ship))
}

fun main() {
    Pier(signed(loud(plain), "the port")).welcome("Sirena")
    Pier(plain).welcome("Nube")
}
