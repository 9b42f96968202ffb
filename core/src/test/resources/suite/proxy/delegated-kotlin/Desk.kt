package records

class Desk(private val archive: Archive) {
    fun note(key: String, text: String) {
        val before = archive.read(key)
        archive.write(key, "$before\n$text")
    }
}

fun openDesk(clerk: Clerk): Desk = Desk(GuardedArchive(PaperArchive(), clerk))
