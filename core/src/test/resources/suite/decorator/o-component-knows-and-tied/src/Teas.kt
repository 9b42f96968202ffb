interface Tea {
    fun price(): Int
    fun name(): String
}

class GreenTea : Tea {
    override fun price() = 250
    override fun name() = "green"
    fun sweet(): Tea = Honeyed(this)
}

class BlackTea : Tea {
    override fun price() = 220
    override fun name() = "black"
}

class Honeyed(private val inner: Tea) : Tea {
    override fun price() = inner.price() + 30
    override fun name() = inner.name() + " with honey"
}

class Iced(private val inner: Tea) : Tea by inner {
    override fun name() = "iced " + inner.name()
}

fun main() {
    val order: List<Tea> = listOf(GreenTea().sweet(), Iced(Honeyed(BlackTea())))
    order.forEach { println("${it.name()} ${it.price()}") }
}
