using System.Collections.Generic;

interface IHearer { void Blown(int seconds); }

class Horn {
    private readonly List<IHearer> hearers = new List<IHearer>();
    private int blownFor;
    public void Add(IHearer hearer) { hearers.Add(hearer); }
    public void Leave(IHearer hearer) { hearers.Remove(hearer); }
    public void Blow(int seconds) {
        blownFor += seconds;
        var now = new List<IHearer>();
        lock (hearers) {
            now.AddRange(hearers);
        }
        foreach (var hearer in now) {
            hearer.Blown(blownFor);
        }
    }
}
