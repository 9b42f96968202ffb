namespace Aldera;

public class Pass
{
    public string Holder { get; set; } = "";
    public int Zone { get; set; }
    public System.DateTime Until { get; set; }
    public bool Blocked { get; set; }
}

public class Renewal
{
    public Pass Renew(Pass old)
    {
        var pass = new Pass { Holder = old.Holder, Zone = old.Zone };
        pass.Until = System.DateTime.Today.AddYears(1);
        return pass;
    }
}
