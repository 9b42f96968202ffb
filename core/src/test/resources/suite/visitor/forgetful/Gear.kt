package aldera.gear
interface Gear { fun accept(v: GearVisitor) }
interface GearVisitor { fun rope(r: Rope); fun box(b: Box) }
class Rope(val metres: Int) : Gear { override fun accept(v: GearVisitor) = v.rope(this) }
class Box(val inside: List<Gear>) : Gear { override fun accept(v: GearVisitor) { v.box(this) } }
class Lamp : Gear { override fun accept(v: GearVisitor) { if (v is Counter) println("lamp") } }
class Counter : GearVisitor { var n = 0; override fun rope(r: Rope) { n += r.metres }; override fun box(b: Box) { n++ } }
class Lister : GearVisitor { val all = mutableListOf<String>(); override fun rope(r: Rope) { all += "rope" }; override fun box(b: Box) { all += "box" } }
fun stock(g: Gear): Int { val c = Counter(); g.accept(c); g.accept(Lister()); return c.n }
