protocol Photo {
    var title: String { get }
    func pixels() -> [UInt8]
}

final class FilePhoto: Photo {
    let title: String
    private let data: [UInt8]

    init(title: String) {
        self.title = title
        self.data = Array(repeating: 7, count: 4096)
    }

    func pixels() -> [UInt8] { data }
}

final class LatePhoto: Photo {
    let title: String
    private lazy var photo = FilePhoto(title: title)

    init(title: String) {
        self.title = title
    }

    func pixels() -> [UInt8] { photo.pixels() }
}

final class Album {
    private var photos: [Photo] = []

    func add(_ title: String) { photos.append(LatePhoto(title: title)) }

    func print(_ index: Int) -> Int { photos[index].pixels().count }
}
