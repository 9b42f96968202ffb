package insurance

data class Claim(val euros: Int, val water: Boolean)

abstract class Adjuster(private val next: Adjuster?) {
    fun settle(claim: Claim): String = if (takes(claim)) decide(claim) else next?.settle(claim) ?: "nobody settles it"

    protected abstract fun takes(claim: Claim): Boolean

    protected abstract fun decide(claim: Claim): String
}

class Clerk(next: Adjuster? = null) : Adjuster(next) {
    override fun takes(claim: Claim) = claim.euros < 500
    override fun decide(claim: Claim) = "paid at once"
}

class WaterExpert(next: Adjuster? = null) : Adjuster(next) {
    override fun takes(claim: Claim) = claim.water
    override fun decide(claim: Claim) = "inspect the pipes"
}

class Director : Adjuster(null) {
    override fun takes(claim: Claim) = true
    override fun decide(claim: Claim) = "board meeting"
}
