package print

abstract class Poster(var title: String) {
    abstract fun copy(): Poster
}

class Banner(title: String, var width: Int) : Poster(title) {
    override fun copy(): Poster = Banner(title, width)
}

class Flyer(title: String, var lines: MutableList<String>) : Poster(title) {
    override fun copy(): Poster = Flyer(title, lines)
}

class Press(private val model: Poster) {
    fun run(count: Int): List<Poster> = List(count) { model.copy() }
}

class Clerk {
    fun double(banner: Banner): Banner = Banner(banner.title, banner.width)
}
