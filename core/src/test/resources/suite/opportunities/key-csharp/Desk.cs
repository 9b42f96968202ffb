using System;
namespace Aldera.Desk;
public abstract class Permit { public abstract int Days(); }
public class DayPermit : Permit { public override int Days() => 1; }
public class WeekPermit : Permit { public override int Days() => 7; }
public class YearPermit : Permit { public override int Days() => 365; }
public class PermitDesk
{
    private int issued;
    public string Issue(string kind, string name)
    {
        Permit permit;
        switch (kind)
        {
            case "day": permit = new DayPermit(); break;
            case "week": permit = new WeekPermit(); break;
            case "year": permit = new YearPermit(); break;
            default: throw new ArgumentException(kind);
        }
        issued++;
        return $"{name}: {permit.Days()} days";
    }
}
public class Renewal { public int Renew() { Permit p = new YearPermit(); return p.Days(); } }
