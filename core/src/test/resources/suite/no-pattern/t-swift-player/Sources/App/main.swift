let player = Player(source: LazySource(title: "tide") { FileSource(title: "tide", data: [0, 0.5, 1]) })
player.add(Gain(factor: 2))
player.add(Clip())
let id = player.observe { old, new in print(old, "->", new) }
Task {
    await player.play()
    player.stopObserving(id)
}
