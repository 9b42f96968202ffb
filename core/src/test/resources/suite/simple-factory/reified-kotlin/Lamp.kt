package lighthouse

import kotlin.reflect.KClass

interface Lamp {
    fun reach(): Int
}

class OilLamp : Lamp {
    override fun reach() = 8
}

class ArcLamp : Lamp {
    override fun reach() = 21
}

object LampStore {
    private val makers: Map<KClass<out Lamp>, () -> Lamp> = mapOf(
        OilLamp::class to ::OilLamp,
        ArcLamp::class to ::ArcLamp,
    )

    fun make(kind: KClass<out Lamp>): Lamp = makers[kind]?.invoke() ?: error("no such lamp: $kind")

    inline fun <reified T : Lamp> fresh(): Lamp = make(T::class)
}
