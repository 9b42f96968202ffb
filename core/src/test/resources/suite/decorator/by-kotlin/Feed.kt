package aldera.feed

interface Feed {
    fun next(): String
    fun close()
}

class RadarFeed : Feed {
    override fun next() = "blip"
    override fun close() = println("closed")
}

class Stamped(private val inner: Feed) : Feed by inner {
    override fun next() = "${System.currentTimeMillis()} ${inner.next()}"
}

class Shouting(private val inner: Feed) : Feed by inner {
    override fun next() = inner.next().uppercase()
}

fun main() {
    val feed: Feed = Shouting(Stamped(RadarFeed()))
    println(feed.next())
}
