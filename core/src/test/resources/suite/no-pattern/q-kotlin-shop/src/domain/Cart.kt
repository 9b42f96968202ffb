package shop.domain

import java.math.BigDecimal

@JvmInline
value class Sku(val value: String)

data class Line(val sku: Sku, val quantity: Int, val price: BigDecimal) {
    val total: BigDecimal get() = price * quantity.toBigDecimal()
}

sealed class CartError(message: String) : Exception(message) {
    class Unknown(sku: Sku) : CartError("no ${sku.value}")
    class TooMany(val most: Int) : CartError("at most $most")
}

class Cart(private val catalogue: Catalogue, private val discounts: List<Discount> = emptyList()) {
    private val lines = linkedMapOf<Sku, Line>()

    fun add(sku: Sku, quantity: Int = 1): Cart = apply {
        val price = catalogue.price(sku) ?: throw CartError.Unknown(sku)
        val before = lines[sku]?.quantity ?: 0
        if (before + quantity > 99) throw CartError.TooMany(99)
        lines[sku] = Line(sku, before + quantity, price)
    }

    fun total(): BigDecimal {
        val sum = lines.values.fold(BigDecimal.ZERO) { acc, line -> acc + line.total }
        return discounts.fold(sum) { left, discount -> left - discount.off(lines.values, sum) }
    }
}

fun interface Discount {
    fun off(lines: Collection<Line>, sum: BigDecimal): BigDecimal
}

class Percent(private val percent: Int) : Discount {
    override fun off(lines: Collection<Line>, sum: BigDecimal) = sum * percent.toBigDecimal() / 100.toBigDecimal()
}

class ThirdFree(private val sku: Sku) : Discount {
    override fun off(lines: Collection<Line>, sum: BigDecimal) =
        lines.filter { it.sku == sku }.sumOf { it.price * (it.quantity / 3).toBigDecimal() }
}

interface Catalogue {
    fun price(sku: Sku): BigDecimal?
}
