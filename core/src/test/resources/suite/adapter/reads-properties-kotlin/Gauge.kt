package aldera.tides

interface TideGauge {
    val metres: Double
    val rising: Boolean
}

class OldTideTable {
    private val rows = mutableListOf<Int>()

    var centimetres = 0
        private set

    val trend: String
        get() = if (rows.size > 1 && rows[rows.size - 1] > rows[rows.size - 2]) "up" else "down"

    fun note(row: Int) {
        rows += row
        centimetres = row
    }
}

class TableGauge(private val table: OldTideTable) : TideGauge {
    override val metres: Double
        get() = table.centimetres / 100.0
    override val rising: Boolean
        get() = table.trend == "up"
}

fun warn(gauge: TideGauge) = if (gauge.metres > 4 && gauge.rising) "high water" else ""
