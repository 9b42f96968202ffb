import Foundation

protocol Screen: AnyObject {
    var title: String { get }
    func show()
}

protocol LoginScreenDelegate: AnyObject {
    func loginScreen(_ screen: LoginScreen, didLogIn user: User)
    func loginScreenDidCancel(_ screen: LoginScreen)
}

struct User: Codable {
    let name: String
    let harbour: String
}

final class LoginScreen: Screen {
    let title = "Log in"
    weak var delegate: LoginScreenDelegate?
    private let accounts: AccountService

    init(accounts: AccountService) {
        self.accounts = accounts
    }

    func show() {
        print(title)
    }

    func submit(name: String, password: String) {
        do {
            let user = try accounts.logIn(name: name, password: password)
            delegate?.loginScreen(self, didLogIn: user)
        } catch {
            delegate?.loginScreenDidCancel(self)
        }
    }
}

final class OverviewScreen: Screen {
    let title: String
    private let user: User

    init(user: User) {
        self.user = user
        title = "Harbour \(user.harbour)"
    }

    func show() {
        print(title, user.name)
    }
}

enum AccountError: Error { case unknownUser, wrongPassword }

final class AccountService {
    private var users: [String: (password: String, user: User)] = [:]

    func register(_ user: User, password: String) {
        users[user.name] = (password, user)
    }

    func logIn(name: String, password: String) throws -> User {
        guard let entry = users[name] else { throw AccountError.unknownUser }
        guard entry.password == password else { throw AccountError.wrongPassword }
        return entry.user
    }
}

final class AppCoordinator {
    private var stack: [Screen] = []
    private let accounts: AccountService

    init(accounts: AccountService) {
        self.accounts = accounts
    }

    func start() {
        let login = LoginScreen(accounts: accounts)
        login.delegate = self
        push(login)
    }

    private func push(_ screen: Screen) {
        stack.append(screen)
        screen.show()
    }
}

extension AppCoordinator: LoginScreenDelegate {
    func loginScreen(_ screen: LoginScreen, didLogIn user: User) {
        stack.removeAll()
        push(OverviewScreen(user: user))
    }

    func loginScreenDidCancel(_ screen: LoginScreen) {
        _ = stack.popLast()
        stack.last?.show()
    }
}
