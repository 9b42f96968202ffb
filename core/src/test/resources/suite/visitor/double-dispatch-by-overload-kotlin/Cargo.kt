interface Surveyor<R> {
    fun see(crate: Crate): R
    fun see(tank: Tank): R
}

interface Cargo {
    fun <R> show(surveyor: Surveyor<R>): R
}

class Crate(val kilos: Int) : Cargo {
    override fun <R> show(surveyor: Surveyor<R>) = surveyor.see(this)
}

class Tank(val litres: Int) : Cargo {
    override fun <R> show(surveyor: Surveyor<R>) = surveyor.see(this)
}

object Weight : Surveyor<Int> {
    override fun see(crate: Crate) = crate.kilos
    override fun see(tank: Tank) = tank.litres * 9 / 10
}

class Labels(private val prefix: String) : Surveyor<String> {
    override fun see(crate: Crate) = "$prefix crate"
    override fun see(tank: Tank) = "$prefix tank"
}

class Hold(private val cargo: List<Cargo>) {
    fun weight() = cargo.sumOf { it.show(Weight) }
}
