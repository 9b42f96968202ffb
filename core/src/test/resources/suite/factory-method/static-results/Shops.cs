namespace Aldera.Shops;
public abstract class Sign { public abstract string Text(); }
public class NeonSign : Sign { public override string Text() => "*open*"; }
public class WoodSign : Sign { public override string Text() => "open"; }
public abstract class Shop
{
    private Sign? sign;
    protected abstract Sign CreateSign();
    public string Open() { sign ??= CreateSign(); return sign.Text(); }
}
public class Bar : Shop { private static readonly NeonSign shared = new(); protected override Sign CreateSign() => shared; }
public class Chandler : Shop { protected override Sign CreateSign() => new WoodSign(); }
public class Baker : Shop { protected override Sign CreateSign() => new WoodSign(); }
public static class Street { public static string Morning(Shop[] shops) { var s = ""; foreach (var shop in shops) s += shop.Open(); return s; } }
