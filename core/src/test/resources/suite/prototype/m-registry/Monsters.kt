package dungeon

abstract class Monster(val name: String, var health: Int) {
    val loot = mutableListOf<String>()

    abstract fun spawn(): Monster
}

class Troll(name: String, health: Int, private val club: Int) : Monster(name, health) {
    override fun spawn(): Monster = Troll(name, health, club).also { it.loot.addAll(loot) }
}

class Bat(name: String, health: Int) : Monster(name, health) {
    override fun spawn(): Monster {
        val copy = Bat(name, health)
        copy.loot.addAll(loot)
        return copy
    }
}

class Nursery {
    private val models = HashMap<String, Monster>()

    fun register(key: String, monster: Monster) {
        models[key] = monster
    }

    fun spawn(key: String): Monster = models.getValue(key).spawn()
}

class Cave(private val nursery: Nursery) {
    private val inhabitants = mutableListOf<Monster>()

    fun fill(count: Int) {
        repeat(count) { inhabitants += nursery.spawn(if (it % 3 == 0) "troll" else "bat") }
    }
}
