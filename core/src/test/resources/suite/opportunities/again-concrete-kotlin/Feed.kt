package aldera.feed

interface Feed {
    fun next(): String
}

class RadarFeed : Feed {
    override fun next() = "radar"
}

class FileFeed(private val name: String) : Feed {
    override fun next() = name
}

class Display(private val feed: RadarFeed) {
    fun show(): String = feed.next().uppercase()
}
