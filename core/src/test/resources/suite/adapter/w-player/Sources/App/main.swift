import Foundation

let player = Player(source: RadioSource(client: RadioClient()))
player.whenChanged { print("now \($0.title)") }
player.whenChanged { track in print(track.length) }
try player.play(Track(title: "one", length: 0))
let other = Player(source: DiskSource(folder: URL(fileURLWithPath: "/music")))
print(other.current?.title ?? "nothing")
