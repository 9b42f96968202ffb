class Gate {
    fun pass(ship: String) = portOffice.stamp(ship)
}
