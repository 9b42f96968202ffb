interface Fee {
    val kind: String
    fun of(tons: Int): Int
}

class TugFee : Fee {
    override val kind = "tug"
    override fun of(tons: Int) = 80
}

class FerryFee : Fee {
    override val kind = "ferry"
    override fun of(tons: Int) = tons * 2
}

class Desk(all: List<Fee>) {
    private val fees = all.associateBy { it.kind }

    fun bill(kind: String, tons: Int): Int = fees.getValue(kind).of(tons)
}
