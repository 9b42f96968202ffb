abstract class Sheep { abstract Sheep twin(); }
class Black extends Sheep { Sheep twin() { return new Black(); } }
class White extends Sheep { Sheep twin() { return new White(); } }
class Farm { Sheep two(Sheep s) { return s.twin(); } }
