#include <memory>
#include <vector>
#include <functional>
#include <iostream>
struct Lamp {
  int lit1() { return 1; }
  int lit2() { return 2; }
  int lit3() { return 3; }
  int lit4() { return 4; }
  int lit5() { return 5; }
  int lit6() { return 6; }
  int lit7() { return 7; }
  int lit8() { return 8; }
  int lit9() { return 9; }
  int lit10() { return 10; }
  int lit11() { return 11; }
  int lit12() { return 12; }
  int lit13() { return 13; }
  int lit14() { return 14; }
  int lit15() { return 15; }
  int lit16() { return 16; }
  int lit17() { return 17; }
  int lit18() { return 18; }
  int lit19() { return 19; }
  int lit20() { return 20; }
  int lit21() { return 21; }
  int lit22() { return 22; }
  int lit23() { return 23; }
  int lit24() { return 24; }
  int lit25() { return 25; }
  int lit26() { return 26; }
  int lit27() { return 27; }
  int lit28() { return 28; }
  int lit29() { return 29; }
  int lit30() { return 30; }
  int lit31() { return 31; }
  int lit32() { return 32; }
  int lit33() { return 33; }
  int lit34() { return 34; }
  int lit35() { return 35; }
  int lit36() { return 36; }
  int lit37() { return 37; }
  int lit38() { return 38; }
  int lit39() { return 39; }
  int lit40() { return 40; }
};

namespace n { namespace { void hidden() { Lamp v; v.lit1(); } } }
Lamp global;
static Lamp* ptr = new Lamp();
int user = global.lit2();
class Yard {
  Lamp v; Lamp* p; std::unique_ptr<Lamp> u; static Lamp s;
public:
  Yard() : v(), p(new Lamp()), u(std::make_unique<Lamp>()) { v.lit3(); p->lit4(); u->lit5(); }
  explicit Yard(Lamp& x) : p(&x) { x.lit6(); }
  ~Yard() { p->lit7(); (*p).lit8(); }
  int operator()(int i) { return v.lit9(); }
  Yard& operator=(const Yard& o) { p->lit10(); return *this; }
  static int st() { return s.lit11(); }
  int outside();
  template <typename T> int tm(T t) { return v.lit12(); }
  int m() const noexcept {
    if (auto w = std::make_shared<Lamp>()) { w->lit13(); }
    for (int i = 0; i < 3; ++i) { Lamp w; w.lit14(); }
    for (auto& q : std::vector<Lamp>{}) { q.lit15(); }
    try { Lamp w; w.lit16(); } catch (const std::exception& e) { Lamp w; w.lit17(); } catch (...) { Lamp w; w.lit18(); }
    switch (p->lit19()) { case 1: { Lamp w; w.lit20(); break; } default: p->lit21(); }
    do { p->lit22(); } while (p->lit23());
    auto l = [this] { return p->lit24(); };
    auto m = [&](Lamp& x) -> int { return x.lit25(); };
    std::function<int()> f = [w = Lamp()]() mutable { return w.lit26(); };
    auto [a, b] = std::make_pair(Lamp(), Lamp());
    return p->lit27() ? p->lit28() : p->lit29();
  }
};
Lamp Yard::s;
int Yard::outside() { return this->v.lit30(); }
template <typename T> struct B { Lamp v; T t; void go() { v.lit31(); } };
template <typename T> void tf(T t) { Lamp v; v.lit32(); }
struct D { Lamp& get() { static Lamp one; one.lit33(); return one; } };
void chain() { D d; d.get().lit34(); D().get().lit35(); }
int main(int argc, char** argv) { Lamp* raw = new Lamp; raw->lit36(); const auto& r = *raw; Lamp arr[3]; arr[0].lit37(); std::cout << raw->lit38() << raw->lit39(); delete raw; Lamp{}.lit40(); }
