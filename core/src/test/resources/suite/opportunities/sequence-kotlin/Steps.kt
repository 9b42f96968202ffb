package film

class Loader { fun load(reel: String) = reel.length }
class Lens { fun focus(metres: Int) = metres * 2 }
class Shutter { private var open = false
    fun open() { open = true } }

class Matinee(private val loader: Loader, private val lens: Lens, private val shutter: Shutter) {
    fun begin() {
        loader.load("cartoon")
        lens.focus(12)
        shutter.open()
    }
}

class Evening(private val loader: Loader, private val lens: Lens, private val shutter: Shutter) {
    private var shown = 0
    fun begin(reel: String) {
        loader.load(reel)
        lens.focus(14)
        shutter.open()
        shown++
    }
}
