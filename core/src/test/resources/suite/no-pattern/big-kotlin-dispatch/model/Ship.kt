package aldera.dispatch.model

enum class ShipClass { FERRY, TRAWLER, TANKER }

data class Ship(val name: String, val shipClass: ShipClass, val tonnes: Int, val draught: Double)

data class Call(val ship: Ship, val eta: Int, val urgent: Boolean = false)

data class Slot(val quay: String, val from: Int, val to: Int) {
    fun overlaps(other: Slot) = quay == other.quay && from < other.to && other.from < to
}
