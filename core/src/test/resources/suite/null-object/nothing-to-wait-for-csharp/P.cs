using System.Threading.Tasks;
public interface IPump { Task StartAsync(); Task<int> Level(); ValueTask<bool> Full(); Task<string?> Name(); void Stop(); }
public class Pump : IPump { int l; public Task StartAsync() { l++; return Task.CompletedTask; } public async Task<int> Level() { await Task.Delay(1); return l; } public async ValueTask<bool> Full() { await Task.Yield(); return l > 3; } public async Task<string?> Name() { await Task.Yield(); return "p" + l; } public void Stop() { l = 0; } }
public class NoPump : IPump { public Task StartAsync() => Task.CompletedTask; public Task<int> Level() => Task.FromResult(0); public ValueTask<bool> Full() => ValueTask.FromResult(false); public Task<string?> Name() => Task.FromResult<string?>(null); public void Stop() { } }
public class Dock { readonly IPump pump; public Dock(IPump? p) { pump = p ?? new NoPump(); } public Task Go() => pump.StartAsync(); }
public static class App { public static void Main() { new Dock(new Pump()).Go(); } }
