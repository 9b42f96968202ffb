class Lamp:
    def lit1(self): return 1
    def lit2(self): return 2
    def lit3(self): return 3
    def lit4(self): return 4
    def lit5(self): return 5
    def lit6(self): return 6
    def lit7(self): return 7
    def lit9(self): return 9
    def lit10(self): return 10
    def lit11(self): return 11
    def lit12(self): return 12
    def lit13(self): return 13
    def lit14(self): return 14
    def lit15(self): return 15
    def lit16(self): return 16
    def lit17(self): return 17
    def lit18(self): return 18
    def lit19(self): return 19
    def lit21(self): return 21
    def lit22(self): return 22
    def lit23(self): return 23
    def lit24(self): return 24
    def lit25(self): return 25
    def lit26(self): return 26
    def lit27(self): return 27
    def lit28(self): return 28
    def lit29(self): return 29
    def lit30(self): return 30
    def lit31(self): return 31
    def lit32(self): return 32
    def lit33(self): return 33
    def lit34(self): return 34
    def lit35(self): return 35
    def lit36(self): return 36
    def lit40(self): return 40

import contextlib
for i in range(3):
    v = Lamp()
    v.lit1()
while True:
    w = Lamp()
    w.lit2()
    break
with contextlib.suppress(Exception):
    x = Lamp()
    x.lit3()
try:
    y = Lamp()
    y.lit4()
except ValueError as e:
    z = Lamp()
    z.lit5()
else:
    zz = Lamp()
    zz.lit6()
finally:
    zzz = Lamp()
    zzz.lit7()
class Yard:
    shared = Lamp()
    def __enter__(self):
        return Lamp()
    def __exit__(self, *a): pass
    @property
    def p(self):
        v = Lamp()
        return v.lit9()
    @p.setter
    def p(self, value):
        v = Lamp()
        v.lit10()
    @staticmethod
    def s():
        v = Lamp()
        v.lit11()
    @classmethod
    def c(cls):
        v = Lamp()
        v.lit12()
    async def d(self):
        v = Lamp()
        v.lit13()
        async with self.lock as l:
            v.lit14()
        async for q in self.things():
            v.lit15()
    def g(self):
        v = Lamp()
        yield v.lit16()
    def n(self):
        v = Lamp()
        def inner():
            v.lit17()
        inner()
        f = lambda: v.lit18()
        return [v.lit19() for _ in range(3)], (v.lit21() for _ in [1])
    def __del__(self):
        Lamp().lit22()
    def m(self, v=None):
        v = v or Lamp()
        v.lit23()
        match v.lit24():
            case 1:
                v.lit25()
            case _:
                v.lit26()
        if (u := Lamp()).lit27() > 1:
            u.lit28()
        a, b = Lamp(), Lamp()
        a.lit29(); b.lit30()
        c = d = Lamp()
        c.lit31(); d.lit32()
        assert v.lit33()
        return v.lit34() if v.lit35() else not v.lit36()
def nested():
    class B:
        def go(self):
            v = Lamp()
            v.lit40()
    return B()
