import SwiftUI

struct Berth: Identifiable {
    let id: Int
    var ship: String?
}

final class BerthStore: ObservableObject {
    @Published private(set) var berths: [Berth]
    private let service: BerthService

    init(service: BerthService) {
        self.service = service
        self.berths = (1...8).map { Berth(id: $0, ship: nil) }
    }

    func moor(_ ship: String, at id: Int) {
        guard let index = berths.firstIndex(where: { $0.id == id }) else { return }
        berths[index].ship = ship
        service.report(berths[index])
    }
}

protocol BerthService {
    func report(_ berth: Berth)
}

struct RadioService: BerthService {
    let channel: Int

    func report(_ berth: Berth) {
        print("\(channel): berth \(berth.id) \(berth.ship ?? "free")")
    }
}

struct BerthRow: View {
    let berth: Berth
    let onTap: () -> Void

    var body: some View {
        HStack {
            Text("\(berth.id)")
            Text(berth.ship ?? "free")
        }
        .onTapGesture(perform: onTap)
    }
}

struct BerthList: View {
    @StateObject var store: BerthStore

    var body: some View {
        List(store.berths) { berth in
            BerthRow(berth: berth) { store.moor("Rosa", at: berth.id) }
        }
    }
}

struct Framed: ViewModifier {
    let width: CGFloat

    func body(content: Content) -> some View {
        content.padding(4).border(Color.gray, width: width)
    }
}

extension View {
    func framed(_ width: CGFloat = 1) -> some View {
        modifier(Framed(width: width))
    }
}
