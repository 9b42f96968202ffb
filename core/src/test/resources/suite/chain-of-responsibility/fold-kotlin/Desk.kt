package insurance

class Desk {
    private val first = Clerk(WaterExpert(Director()))

    fun handle(claim: Claim) = first.settle(claim)
}
