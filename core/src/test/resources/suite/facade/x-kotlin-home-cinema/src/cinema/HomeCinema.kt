package cinema

class HomeCinema(
    private val screen: Screen = Screen(),
    private val beamer: Beamer = Beamer(),
    private val lights: Lights = Lights(listOf("salon")),
    private val amplifier: Amplifier = Amplifier(),
) {
    fun watch(film: String) {
        lights.dim(10)
        screen.lower()
        beamer.start()
        beamer.input(film)
        amplifier.volume(6)
    }

    fun end() {
        amplifier.off()
        beamer.stop()
        screen.raise()
        lights.dim(100)
    }
}
