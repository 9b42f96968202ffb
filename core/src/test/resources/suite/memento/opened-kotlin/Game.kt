package board

class Game {
    private var turn = 0
    private var stones = mutableListOf<Int>()

    fun place(at: Int) {
        stones.add(at)
        turn++
    }

    fun save() = Saved(turn, stones.toList())

    fun load(saved: Saved) {
        turn = saved.turn
        stones = saved.stones.toMutableList()
    }

    data class Saved(val turn: Int, val stones: List<Int>)
}

class Archive {
    private val games = mutableListOf<Game.Saved>()

    fun keep(game: Game) {
        games += game.save()
    }

    fun longest(): Int = games.maxOf { it.turn }

    fun reopen(game: Game) {
        game.load(games.last())
    }
}
