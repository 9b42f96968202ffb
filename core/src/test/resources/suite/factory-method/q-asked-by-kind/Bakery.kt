package bakery

abstract class Cake(val name: String) {
    fun bake() = "baking $name"
    open fun cut() = "eight pieces of $name"
}

class PlainCheese : Cake("plain cheese cake")
class PlainApple : Cake("plain apple cake")
class FestiveCheese : Cake("festive cheese cake") {
    override fun cut() = "squares of $name"
}
class FestiveApple : Cake("festive apple cake")

abstract class Bakery {
    fun order(kind: String): Cake {
        val cake = create(kind)
        println(cake.bake())
        println(cake.cut())
        return cake
    }

    protected abstract fun create(kind: String): Cake
}

class VillageBakery : Bakery() {
    override fun create(kind: String): Cake = when (kind) {
        "cheese" -> PlainCheese()
        else -> PlainApple()
    }
}

class CastleBakery : Bakery() {
    override fun create(kind: String): Cake = when (kind) {
        "cheese" -> FestiveCheese()
        "apple" -> FestiveApple()
        else -> throw IllegalArgumentException(kind)
    }
}

fun main() {
    CastleBakery().order("apple")
    VillageBakery().order("cheese")
}
