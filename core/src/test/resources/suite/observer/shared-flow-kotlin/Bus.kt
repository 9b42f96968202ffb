package news

import kotlinx.coroutines.CoroutineScope
import kotlinx.coroutines.flow.MutableSharedFlow
import kotlinx.coroutines.launch

data class Headline(val text: String)

class Desk {
    val headlines = MutableSharedFlow<Headline>()
    private var count = 0

    suspend fun publish(text: String) {
        count++
        headlines.emit(Headline(text))
    }
}

class Ticker(private val scope: CoroutineScope) {
    private var line = ""

    fun follow(desk: Desk) {
        scope.launch {
            desk.headlines.collect { line = it.text }
        }
    }
}
