package aldera;
import java.util.List;
interface Part { void accept(PartVisitor visitor); }
interface PartVisitor { void visitPlank(Plank plank); void visitRivet(Rivet rivet); void visitFrame(Frame frame); }
class Plank implements Part { int length = 3; public void accept(PartVisitor visitor) { visitor.visitPlank(this); } }
class Rivet implements Part { public void accept(PartVisitor visitor) { if (visitor instanceof CostVisitor) { visitor.visitRivet(this); } else { visitor.visitRivet(this); } } }
class Frame implements Part {
  private final List<Part> parts;
  Frame(List<Part> parts) { this.parts = parts; }
  public void accept(PartVisitor visitor) { visitor.visitFrame(this); }
}
class Sheet implements Part { public void accept(PartVisitor visitor) { } }
class CostVisitor implements PartVisitor {
  int cents;
  public void visitPlank(Plank plank) { cents += plank.length * 300; }
  public void visitRivet(Rivet rivet) { cents += 2; }
  public void visitFrame(Frame frame) { cents += 50; }
}
class WeightVisitor implements PartVisitor {
  int grams;
  public void visitPlank(Plank plank) { grams += 900; }
  public void visitRivet(Rivet rivet) { grams += 5; }
  public void visitFrame(Frame frame) { grams += 4000; }
}
class Estimate { int of(Part part) { CostVisitor cost = new CostVisitor(); part.accept(cost); return cost.cents; } }
