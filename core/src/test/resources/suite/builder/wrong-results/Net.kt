package aldera.net
class Net(val mesh: Int, val metres: Int, val floats: MutableList<String>)
class NetMaker {
    private var mesh = 0
    private var metres = 0
    private val floats = mutableListOf<String>()
    fun mesh(n: Int): NetMaker { mesh = n; return this }
    fun metres(n: Int): NetMaker { metres = n; return this }
    fun float(name: String) { floats.add(name) }
    fun waterproof(): NetMaker = this
    fun make(): Net = Net(mesh, metres, floats)
}
class Loft {
    fun standard(): Net {
        val maker = NetMaker().mesh(4).metres(20)
        maker.float("cork")
        return maker.waterproof().make()
    }
    fun quick() = Net(3, 3, mutableListOf())
}
