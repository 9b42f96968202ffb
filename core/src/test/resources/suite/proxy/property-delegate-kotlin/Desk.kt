package museum

class Desk(private val archive: Archive) {
    fun read(number: Int) = archive.letter(number)
}

fun openDesk() = Desk(ReadingRoomArchive("A"))
