package aldera.cargo

sealed interface Cargo

class Crate(val weight: Int) : Cargo

class Barrel(val litres: Int) : Cargo

class Pallet(val crates: List<Crate>) : Cargo

class Scales {
    fun weight(cargo: Cargo): Int = when (cargo) {
        is Crate -> cargo.weight
        is Barrel -> cargo.litres
        is Pallet -> cargo.crates.sumOf { it.weight }
    }

    fun label(cargo: Cargo): String = when (cargo) {
        is Crate -> "crate"
        is Barrel -> "barrel"
        is Pallet -> "pallet"
    }
}

fun main() = println(Scales().label(Barrel(3)) + Scales().weight(Crate(2)))
