package aldera.ships

class Clerk {
    fun arrival(name: String) = ShipRegistry.get().enter(name, 100)
}

class Trainee {
    private val own = ShipRegistry()
    fun practise() = own.enter("Test", 1)
}
