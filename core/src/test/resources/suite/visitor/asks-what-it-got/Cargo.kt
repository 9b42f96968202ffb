package harbour

interface CargoVisitor {
    fun crate(crate: Crate)
    fun barrel(barrel: Barrel)
}

interface Cargo {
    fun accept(visitor: CargoVisitor)
}

class Crate(val kilos: Int) : Cargo {
    override fun accept(visitor: CargoVisitor) = visitor.crate(this)
}

open class Barrel(val litres: Int) : Cargo {
    override fun accept(visitor: CargoVisitor) = visitor.barrel(this)
}

class OilBarrel(litres: Int) : Barrel(litres)

class Weigher : CargoVisitor {
    var total = 0
    override fun crate(crate: Crate) {
        total += crate.kilos
    }
    override fun barrel(barrel: Barrel) {
        total += if (barrel is OilBarrel) barrel.litres * 9 / 10 else barrel.litres
    }
}

class Labeller : CargoVisitor {
    val labels = mutableListOf<String>()
    override fun crate(crate: Crate) {
        labels += "crate ${crate.kilos}"
    }
    override fun barrel(barrel: Barrel) {
        labels += "barrel ${barrel.litres}"
    }
}

class Hold(private val cargo: List<Cargo>) {
    fun each(visitor: CargoVisitor) = cargo.forEach { it.accept(visitor) }
}

fun main() {
    val hold = Hold(listOf(Crate(20), OilBarrel(200)))
    val weigher = Weigher()
    hold.each(weigher)
    hold.each(Labeller())
    println(weigher.total)
}
