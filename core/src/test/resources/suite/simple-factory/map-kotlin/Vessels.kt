interface Vessel { val toll: Int }
class Barge : Vessel { override val toll = 40 }
class Tanker(val tons: Int) : Vessel { override val toll get() = 400 + tons }

class Registry {
    private val makers = mapOf<String, () -> Vessel>(
        "barge" to ::Barge,
        "tanker" to { Tanker(0) },
    )

    fun enter(kind: String): Vessel = makers[kind]?.invoke() ?: error("no such vessel: $kind")
}
