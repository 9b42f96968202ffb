package aldera.kits

interface Sail { fun area(): Int }
interface Mast { fun height(): Int }
class RacingSail : Sail { override fun area() = 40 }
class CruisingSail : Sail { override fun area() = 25 }
class CarbonMast : Mast { override fun height() = 18 }
class WoodenMast : Mast { override fun height() = 11 }

interface RigKit {
    fun sail(): Sail
    fun mast(): Mast
}

class RacingKit : RigKit {
    override fun sail(): Sail = RacingSail()
    override fun mast(): Mast = CarbonMast()
}

class TrainingKit : RigKit {
    override fun sail(): Sail = CruisingSail()
    override fun mast(): Mast = throw UnsupportedOperationException("borrow one")
}

class CruisingKit : RigKit {
    override fun sail(): Sail = CruisingSail()
    override fun mast(): Mast = WoodenMast()
}
