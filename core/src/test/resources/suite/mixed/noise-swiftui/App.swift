import SwiftUI

@main
struct HarbourApp: App {
    var body: some Scene {
        WindowGroup {
            BerthList(store: BerthStore(service: RadioService(channel: 16))).framed()
        }
    }
}
