package stock

interface Stock {
    fun count(item: String): Int
    fun take(item: String, amount: Int)
    fun items(): Set<String>
}

class ShelfStock : Stock {
    private val shelves = mutableMapOf("rope" to 12, "paint" to 3)

    override fun count(item: String) = shelves[item] ?: 0

    override fun take(item: String, amount: Int) {
        shelves[item] = count(item) - amount
    }

    override fun items() = shelves.keys.toSet()
}

class WatchedStock(private val stock: Stock, private val log: MutableList<String>) : Stock by stock {
    override fun take(item: String, amount: Int) {
        stock.take(item, amount)
        if (stock.count(item) < 2) {
            log += "order $item"
        }
    }
}

class RoundedStock(private val stock: Stock) : Stock by stock {
    override fun count(item: String) = stock.count(item) / 10 * 10
}

fun main() {
    val orders = mutableListOf<String>()
    val stock: Stock = RoundedStock(WatchedStock(ShelfStock(), orders))
    stock.take("paint", 2)
    println(stock.items().size + orders.size)
}
