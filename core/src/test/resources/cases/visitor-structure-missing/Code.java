package menu; import java.util.*;
interface Dish { void taste(Critic c); }
class Soup implements Dish { final int salt = 3; public void taste(Critic c) { c.soup(this); } }
class Plate implements Dish { final List<Dish> sides = new ArrayList<>(); void add(Dish d) { sides.add(d); } public void taste(Critic c) { c.plate(this); } }
interface Critic { void soup(Soup s); void plate(Plate p); }
class Grumpy implements Critic { int marks; public void soup(Soup s) { marks -= s.salt; } public void plate(Plate p) { marks += p.sides.size(); } }
class Guide { int rate(Dish d) { Grumpy g = new Grumpy(); d.taste(g); return g.marks; } }
