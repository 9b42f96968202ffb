class Berth(val name: String, val length: Int, val depth: Int, val power: Boolean, val water: Boolean, val price: Int)

class Once(val a: Int, val b: Int, val c: Int, val d: Int, val e: Int)

class Plan {
    fun north() = Berth("north", 90, 7, true, true, 400)
    fun once() = Once(1, 2, 3, 4, 5)
}

class Spare {
    fun south() = Berth("south", 30, 3, false, true, 100)
}
