using System.Threading.Tasks;
public interface ISlip { string Text(); }
public class BulkSlip : ISlip { public string Text() => "bulk"; }
public class TankSlip : ISlip { public string Text() => "tank"; }
public abstract class Desk
{
    protected abstract Task<ISlip> OpenAsync();
    public async Task<string> BookAsync() { var slip = await OpenAsync(); return slip.Text(); }
}
public class BulkDesk : Desk { protected override Task<ISlip> OpenAsync() => Task.FromResult<ISlip>(new BulkSlip()); }
public class TankDesk : Desk { protected override Task<ISlip> OpenAsync() => Task.Run(() => (ISlip)new TankSlip()); }
