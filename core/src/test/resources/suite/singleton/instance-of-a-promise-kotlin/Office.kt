interface Desk {
    fun stamp(ship: String): Int
}

private class PortOffice : Desk {
    private var stamped = 0

    override fun stamp(ship: String): Int {
        stamped += 1
        return stamped
    }
}

val portOffice: Desk = PortOffice()
