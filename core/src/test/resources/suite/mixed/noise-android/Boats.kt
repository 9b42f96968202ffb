package boats

import android.view.LayoutInflater
import android.view.View
import android.view.ViewGroup
import android.widget.TextView
import androidx.lifecycle.ViewModel
import androidx.lifecycle.viewModelScope
import androidx.recyclerview.widget.RecyclerView
import kotlinx.coroutines.flow.MutableStateFlow
import kotlinx.coroutines.flow.StateFlow
import kotlinx.coroutines.launch

data class Boat(val id: Long, val name: String)

interface BoatDao {
    suspend fun all(): List<Boat>
    suspend fun insert(boat: Boat)
}

class BoatRepository(private val dao: BoatDao) {
    suspend fun boats(): List<Boat> = dao.all().sortedBy { it.name }

    suspend fun add(name: String) {
        require(name.isNotBlank()) { "a boat has a name" }
        dao.insert(Boat(0, name.trim()))
    }
}

class BoatsViewModel(private val repository: BoatRepository) : ViewModel() {
    private val state = MutableStateFlow<List<Boat>>(emptyList())
    val boats: StateFlow<List<Boat>> = state

    fun refresh() {
        viewModelScope.launch {
            state.value = repository.boats()
        }
    }

    fun add(name: String) {
        viewModelScope.launch {
            repository.add(name)
            state.value = repository.boats()
        }
    }
}

class BoatRows(private val onClick: (Boat) -> Unit) : RecyclerView.Adapter<BoatRows.Holder>() {
    private var boats: List<Boat> = emptyList()

    fun show(next: List<Boat>) {
        boats = next
        notifyDataSetChanged()
    }

    override fun getItemCount() = boats.size

    override fun onCreateViewHolder(parent: ViewGroup, viewType: Int): Holder =
        Holder(LayoutInflater.from(parent.context).inflate(R.layout.row, parent, false))

    override fun onBindViewHolder(holder: Holder, position: Int) {
        val boat = boats[position]
        holder.name.text = boat.name
        holder.itemView.setOnClickListener { onClick(boat) }
    }

    class Holder(view: View) : RecyclerView.ViewHolder(view) {
        val name: TextView = view.findViewById(R.id.name)
    }
}
