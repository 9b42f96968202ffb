package band

interface Drum {
    fun beat(times: Int): String
}

interface Horn {
    fun blow(note: String): String
}

interface Workshop {
    fun drum(): Drum
    fun horn(): Horn
}

class OakDrum : Drum {
    override fun beat(times: Int) = "dum ".repeat(times)
}

class BrassHorn : Horn {
    override fun blow(note: String) = "paa $note"
}

class TinDrum : Drum {
    override fun beat(times: Int) = "tik ".repeat(times)
}

class ToyHorn : Horn {
    override fun blow(note: String) = "tüt $note"
}

class ConcertWorkshop : Workshop {
    override fun drum(): Drum = OakDrum()
    override fun horn(): Horn = BrassHorn()
}

class ToyWorkshop : Workshop {
    override fun drum(): Drum = TinDrum()
    override fun horn(): Horn = ToyHorn()
}
