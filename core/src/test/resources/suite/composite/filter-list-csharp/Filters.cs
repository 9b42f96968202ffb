using System.Collections;
namespace Aldera.Berths {
  public interface IBerthFilter { bool Fits(Berth berth); }
  public class Berth { public int Depth; public string Side; }
  public class DepthFilter : IBerthFilter {
    private readonly int least;
    public DepthFilter(int least) { this.least = least; }
    public bool Fits(Berth berth) { return berth.Depth >= least; }
  }
  public class SideFilter : IBerthFilter {
    private readonly string side;
    public SideFilter(string side) { this.side = side; }
    public bool Fits(Berth berth) { return berth.Side == side; }
  }
  public class AllOf : IBerthFilter {
    private readonly ArrayList filters = new ArrayList();
    public AllOf(params IBerthFilter[] filters) { this.filters.AddRange(filters); }
    public void Add(IBerthFilter filter) { filters.Add(filter); }
    public bool Fits(Berth berth) {
      foreach (IBerthFilter filter in filters) if (!filter.Fits(berth)) return false;
      return true;
    }
  }
  public class BerthSearch {
    public bool Usable(Berth berth) { return new AllOf(new DepthFilter(9), new SideFilter("east")).Fits(berth); }
  }
}
