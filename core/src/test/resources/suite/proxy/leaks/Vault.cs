namespace Aldera.Vault;
public interface IVault { string Read(int box); void Put(int box, string what); int Boxes(); }
public class SteelVault : IVault { private readonly string[] boxes = new string[9]; public string Read(int box) => boxes[box]; public void Put(int box, string what) { boxes[box] = what; } public int Boxes() => boxes.Length; }
public class GuardedVault : IVault
{
    private readonly SteelVault vault = new SteelVault(); private readonly bool open;
    public GuardedVault(bool open) { this.open = open; }
    public string Read(int box) { if (!open) throw new System.UnauthorizedAccessException(); return vault.Read(box); }
    public void Put(int box, string what) { if (!open) throw new System.UnauthorizedAccessException(); vault.Put(box, what); }
    public int Boxes() => 9;
    public SteelVault Inside() => vault;
}
public class Keeper { private readonly GuardedVault vault = new GuardedVault(true); public string Look() => vault.Read(1) + vault.Inside().Read(2); }
