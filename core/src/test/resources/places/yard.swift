class Lamp {
  func lit1() -> Int { 1 }
  func lit2() -> Int { 2 }
  func lit3() -> Int { 3 }
  func lit4() -> Int { 4 }
  func lit5() -> Int { 5 }
  func lit6() -> Int { 6 }
  func lit7() -> Int { 7 }
  func lit8() -> Int { 8 }
  func lit9() -> Int { 9 }
  func lit10() -> Int { 10 }
  func lit11() -> Int { 11 }
  func lit12() -> Int { 12 }
  func lit13() -> Int { 13 }
  func lit14() -> Int { 14 }
  func lit15() -> Int { 15 }
  func lit16() -> Int { 16 }
  func lit17() -> Int { 17 }
  func lit18() -> Int { 18 }
  func lit19() -> Int { 19 }
  func lit20() -> Int { 20 }
  func lit21() -> Int { 21 }
  func lit22() -> Int { 22 }
  func lit23() -> Int { 23 }
  func lit24() -> Int { 24 }
  func lit25() -> Int { 25 }
  func lit26() -> Int { 26 }
  func lit27() -> Int { 27 }
  func lit28() -> Int { 28 }
  func lit29() -> Int { 29 }
  func lit30() -> Int { 30 }
  func lit31() -> Int { 31 }
  func lit32() -> Int { 32 }
  func lit33() -> Int { 33 }
  func lit34() -> Int { 34 }
  func lit35() -> Int { 35 }
  func lit36() -> Int { 36 }
  func lit37() -> Int { 37 }
  func lit38() -> Int { 38 }
  func lit39() -> Int { 39 }
  func lit40() -> Int { 40 }
}

if CommandLine.argc > 1 { let v = Lamp(); _ = v.lit1() }
for _ in 0..<3 { let v = Lamp(); _ = v.lit2() }
func maybe() -> Lamp? { return Lamp() }
func f() throws {
  do { let v = Lamp(); _ = v.lit3() } catch { let v = Lamp(); _ = v.lit4() }
  defer { let v = Lamp(); _ = v.lit5() }
  guard let g = maybe() else { return }
  _ = g.lit6()
  if let x = maybe() { _ = x.lit7() }
  switch Lamp().lit8() { case 1: let v = Lamp(); _ = v.lit9(); default: break }
  repeat { let w = Lamp(); _ = w.lit10() } while false
  while Lamp().lit11() > 1 { }
  func inner() { let v = Lamp(); _ = v.lit12() }
  inner()
  [1].forEach { _ in let v = Lamp(); _ = v.lit13() }
  let (a, b) = (Lamp(), Lamp())
  _ = a.lit14(); _ = b.lit15()
  let t = try? Lamp().lit16()
}
class Yard {
  let v = Lamp()
  var w: Lamp?
  lazy var l: Lamp = { let v = Lamp(); _ = v.lit17(); return v }()
  static let s = Lamp()
  init() { _ = v.lit18() }
  convenience init(x: Lamp) { self.init(); _ = x.lit19() }
  deinit { _ = v.lit20() }
  var c: Int { v.lit21() }
  var gs: Int { get { return v.lit22() } set { _ = v.lit23() } }
  var ob: Int = 0 { willSet { _ = v.lit24() } didSet { _ = v.lit25() } }
  subscript(i: Int) -> Int { return v.lit26() }
  static func st() { _ = s.lit27() }
  func m() { _ = w?.lit28(); _ = w!.lit29(); let c = { self.v.lit30() }; _ = c(); DispatchQueue.main.async { [weak self] in _ = self?.v.lit31() } }
  func a() async { _ = await v.lit32() }
  func str() -> String { "\(v.lit33()) text" }
  func t() -> Int { v.lit34() > 1 ? v.lit35() : v.lit36() }
  func g<T: Lamp>(_ t: T) { _ = t.lit37() }
}
extension Yard { func more() { _ = v.lit38() } }
enum E { case one; func go() { let v = Lamp(); _ = v.lit39() } }
struct St { var v = Lamp(); mutating func go() { _ = v.lit40() } }
