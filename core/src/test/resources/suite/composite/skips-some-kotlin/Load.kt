package aldera

interface Load {
    fun weight(): Int
    fun seal(number: Int)
}

class Crate(private val kilos: Int) : Load {
    var sealedBy = 0
        private set

    override fun weight() = kilos
    override fun seal(number: Int) { sealedBy = number }
}

class Stack(private val loads: MutableList<Load> = mutableListOf()) : Load {
    fun put(load: Load) { loads.add(load) }
    fun takeOff(): Load = loads.removeAt(loads.lastIndex)

    override fun weight(): Int {
        var sum = 0
        for (load in loads) {
            sum += load.weight()
        }
        return sum
    }

    override fun seal(number: Int) {
        for (load in loads) {
            if (load is Crate) {
                load.seal(number)
            }
        }
    }
}
