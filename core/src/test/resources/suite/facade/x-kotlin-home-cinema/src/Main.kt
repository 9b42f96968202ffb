import cinema.HomeCinema

class Evening(private val cinema: HomeCinema) {
    fun spend(films: List<String>) {
        for (film in films) {
            cinema.watch(film)
            cinema.end()
        }
    }
}

fun main() {
    Evening(HomeCinema()).spend(listOf("Laura", "Gilda"))
}
