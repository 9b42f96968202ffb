final class Yard {
    func practise() {
        let tow = Tow(winch: Winch())
        tow.lengthen()
        tow.shorten()
        tow.stay()
    }
}
