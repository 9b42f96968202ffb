using Bank;

var ledger = new Ledger(new SystemClock());
using var totals = new Totals(ledger);
var id = Guid.NewGuid();
var account = Account.Open("ana");
account.Deposit(20m);
ledger.Append(id, account);
Console.WriteLine($"{ledger.Load(id).Balance} {totals.In}");
