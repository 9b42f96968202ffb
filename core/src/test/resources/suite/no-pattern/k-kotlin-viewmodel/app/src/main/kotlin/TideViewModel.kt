package aldera.app

import kotlinx.coroutines.flow.MutableStateFlow
import kotlinx.coroutines.flow.StateFlow
import kotlinx.coroutines.flow.asStateFlow
import kotlinx.coroutines.flow.update

data class TideUiState(
    val loading: Boolean = false,
    val levels: List<Level> = emptyList(),
    val error: String? = null,
)

data class Level(val hour: Int, val metres: Double)

sealed interface TideEvent {
    data object Refresh : TideEvent
    data class Select(val hour: Int) : TideEvent
}

interface TideRepository {
    suspend fun levels(day: String): List<Level>
}

class TideApiRepository(private val api: TideApi, private val mapper: LevelMapper) : TideRepository {
    override suspend fun levels(day: String): List<Level> = api.fetch(day).map(mapper::toLevel)
}

class TideApi(private val base: String) {
    fun fetch(day: String): List<String> = java.net.URI("$base/$day").toURL().readText().lines()
}

class LevelMapper {
    fun toLevel(line: String): Level {
        val (hour, metres) = line.split(";")
        return Level(hour.toInt(), metres.toDouble())
    }
}

class TideViewModel(private val repository: TideRepository) {
    private val _state = MutableStateFlow(TideUiState())
    val state: StateFlow<TideUiState> = _state.asStateFlow()

    suspend fun onEvent(event: TideEvent) {
        when (event) {
            TideEvent.Refresh -> load()
            is TideEvent.Select -> _state.update { it.copy(levels = it.levels.filter { level -> level.hour >= event.hour }) }
        }
    }

    private suspend fun load() {
        _state.update { it.copy(loading = true, error = null) }
        try {
            val levels = repository.levels("today")
            _state.update { it.copy(loading = false, levels = levels) }
        } catch (e: java.io.IOException) {
            _state.update { it.copy(loading = false, error = e.message) }
        }
    }
}

fun main() {
    val viewModel = TideViewModel(TideApiRepository(TideApi("https://tides.example"), LevelMapper()))
    kotlinx.coroutines.runBlocking { viewModel.onEvent(TideEvent.Refresh) }
}
