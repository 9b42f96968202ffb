package aldera.dredge

fun main() {
    Dredger(LeadLineDepth(LeadLine(), 4)).dig(9.0)
    Dredger(SonarDepth(0.02), Horn(3)).dig(12.0)
}
