interface Ear {
    fun rung()
}

class Porter : Ear {
    private var up = false
    override fun rung() {
        up = true
    }
}

class Book : Ear {
    private var lines = 0
    override fun rung() {
        lines++
    }
}

class Bell {
    private val ears = mutableListOf<Ear>()
    private var count = 0

    fun add(ear: Ear) {
        ears += ear
    }

    fun remove(ear: Ear) {
        ears -= ear
    }

    fun ring() {
        count++
        ears.forEach(Ear::rung)
    }
}
