interface Cargo { fun weight(): Int }
class Crate : Cargo { override fun weight() = 1 }
class Pallet(private val cargos: List<Cargo>) : Cargo { override fun weight() = cargos.sumOf(Cargo::weight) }
fun main() { val k: Cargo = Pallet(listOf(Crate(), Pallet(listOf(Crate())))); println(k.weight()) }
