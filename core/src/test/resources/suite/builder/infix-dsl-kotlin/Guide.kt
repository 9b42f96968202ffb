package hiking

class Guide {
    fun ridge() = route("ridge") {
        "hut" after 3
        rest(1)
        "summit" after 2
    }
}
