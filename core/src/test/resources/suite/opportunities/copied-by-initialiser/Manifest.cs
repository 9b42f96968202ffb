using System.Collections.Generic;

namespace Harbour;

public class Manifest
{
    public string Ship { get; set; } = "";
    public List<string> Goods { get; set; } = new();
    public bool Sealed { get; set; }
    public int Tons { get; set; }

    public bool Heavy() => Tons > 500 && !Sealed;
}
