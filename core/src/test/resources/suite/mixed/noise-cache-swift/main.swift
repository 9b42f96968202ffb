import Foundation

let loader = PictureLoader(source: DiskSource(folder: URL(fileURLWithPath: "pictures")))
let picture = try await loader.picture("bay.png")
print(picture.scaled(by: 0.5).width)
