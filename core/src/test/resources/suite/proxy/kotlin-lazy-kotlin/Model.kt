package aldera.model

interface BridgeModel {
    fun clearance(tide: Double): Double
}

class ScannedModel(path: String) : BridgeModel {
    private val height = path.length * 3.0
    override fun clearance(tide: Double) = height - tide
}

class DeferredModel(private val path: String) : BridgeModel {
    private val model by lazy { ScannedModel(path) }
    override fun clearance(tide: Double) = model.clearance(tide)
}

class Passage(private val model: BridgeModel) {
    fun safe(mast: Double, tide: Double) = model.clearance(tide) > mast
}

fun main() = println(Passage(DeferredModel("bridge.xyz")).safe(20.0, 2.0))
