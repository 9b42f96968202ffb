protocol FormDelegate: AnyObject {
    func changed(_ part: Part)
}

class Part {
    weak var form: FormDelegate?
    func touched() { form?.changed(self) }
}

final class NameField: Part {
    var text = "" { didSet { touched() } }
    func clear() { text = "" }
}

final class SendButton: Part {
    private(set) var enabled = false
    func enable(_ on: Bool) { enabled = on }
    func press() { touched() }
}

final class BerthForm: FormDelegate {
    private let name = NameField()
    private let send = SendButton()

    init() {
        name.form = self
        send.form = self
    }

    func changed(_ part: Part) {
        if part === name {
            send.enable(!name.text.isEmpty)
        } else {
            name.clear()
        }
    }
}
