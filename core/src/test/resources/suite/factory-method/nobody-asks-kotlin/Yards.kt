package aldera

interface Hull { fun metres(): Int }
class WoodenHull(private val planks: Int) : Hull { override fun metres() = planks / 4 }
class SteelHull(private val plates: Int) : Hull { override fun metres() = plates * 2 }

abstract class Yard(val name: String) {
    protected abstract fun makeHull(size: Int): Hull
    fun describe() = "yard $name"
}

class OldYard : Yard("old") { override fun makeHull(size: Int): Hull = WoodenHull(size * 4) }
class NewYard : Yard("new") { override fun makeHull(size: Int): Hull = SteelHull(size / 2) }
