package lighthouse

class Keeper {
    fun night(bright: Boolean): Int {
        val lamp = if (bright) LampStore.fresh<ArcLamp>() else LampStore.fresh<OilLamp>()
        return lamp.reach()
    }
}
