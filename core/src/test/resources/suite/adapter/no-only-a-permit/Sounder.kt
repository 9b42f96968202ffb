package aldera.depth

import kotlinx.coroutines.sync.Semaphore
import kotlinx.coroutines.sync.withPermit

interface Sounder {
    suspend fun depth(at: Int): Int
}

class EchoSounder(private val boats: Semaphore) : Sounder {
    override suspend fun depth(at: Int): Int = boats.withPermit { 12 - at % 5 }
}

class ChartSounder : Sounder {
    override suspend fun depth(at: Int): Int = 11
}

class Survey(private val sounder: Sounder) {
    suspend fun deepest(): Int = (0..9).maxOf { sounder.depth(it) }
}
