package aldera.bill

class BillPrinter(
    private val withTax: Boolean = false,
    private val withDate: Boolean = false,
    private val rounded: Boolean = false,
) {
    fun text(amount: Double): String {
        var value = amount
        if (withTax) value *= 1.2
        if (rounded) value = Math.round(value).toDouble()
        var text = value.toString()
        if (withDate) text = "today: $text"
        return text
    }
}

fun main() = println(BillPrinter(withTax = true).text(3.5))
