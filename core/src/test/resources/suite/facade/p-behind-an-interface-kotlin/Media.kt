package media

interface Player {
    fun play(file: String)
    fun stop()
}

class Decoder {
    fun decode(file: String): ByteArray = file.toByteArray()
}

class Mixer {
    private var level = 0

    fun mix(samples: ByteArray) {
        level = samples.size
    }

    fun mute() {
        level = 0
    }
}

class Screen {
    private var shown = ""

    fun show(text: String) {
        shown = text
    }
}

class HomePlayer : Player {
    private val decoder = Decoder()
    private val mixer = Mixer()
    private val screen = Screen()

    override fun play(file: String) {
        val samples = decoder.decode(file)
        screen.show(file)
        mixer.mix(samples)
    }

    override fun stop() {
        mixer.mute()
        screen.show("")
    }
}

class Sofa(private val player: Player) {
    fun evening() {
        player.play("film")
        player.stop()
    }
}

fun main() {
    Sofa(HomePlayer()).evening()
}
