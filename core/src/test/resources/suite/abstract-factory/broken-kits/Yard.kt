package aldera.kits

class Yard(private val kit: RigKit?) {
    fun rig(): Int {
        val sail = kit!!.sail()
        val mast = kit.mast()
        if (sail is RacingSail) return 0
        return sail.area() * mast.height()
    }
}
