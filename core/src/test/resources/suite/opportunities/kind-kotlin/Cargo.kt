package aldera.cargo
sealed interface Cargo
class Ore(val tonnes: Int) : Cargo
class Fish(val crates: Int) : Cargo
class Oil(val barrels: Int) : Cargo
class Dues {
    fun fee(c: Cargo): Int = when (c) {
        is Ore -> c.tonnes * 2
        is Fish -> c.crates
        is Oil -> c.barrels * 9
    }
    fun hazard(c: Cargo): Boolean {
        if (c is Oil) return true
        return c is Ore && c.tonnes > 1000
    }
}
class Greeter { fun greet(c: Cargo) = if (c is Fish) "hello fisher" else "hello" }
