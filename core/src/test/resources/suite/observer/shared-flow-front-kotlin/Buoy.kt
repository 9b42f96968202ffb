package sailing

import kotlinx.coroutines.flow.MutableSharedFlow
import kotlinx.coroutines.flow.SharedFlow

class Buoy {
    private val swells = MutableSharedFlow<Double>()
    val swell: SharedFlow<Double> = swells

    suspend fun measure(height: Double) {
        swells.emit(height)
    }
}
