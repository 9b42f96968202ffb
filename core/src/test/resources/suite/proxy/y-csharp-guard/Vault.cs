using System;
using System.Collections.Generic;

namespace Bank
{
    public interface IVault
    {
        decimal Balance { get; }
        void Put(decimal amount);
        void Take(decimal amount);
    }

    public class Vault : IVault
    {
        public decimal Balance { get; private set; }
        public void Put(decimal amount) => Balance += amount;
        public void Take(decimal amount)
        {
            if (amount > Balance) throw new InvalidOperationException("not so much");
            Balance -= amount;
        }
    }

    public class GuardedVault : IVault
    {
        private readonly Vault _vault;
        private readonly HashSet<string> _keyHolders;
        private readonly string _user;

        public GuardedVault(Vault vault, string user, HashSet<string> keyHolders)
        {
            _vault = vault;
            _user = user;
            _keyHolders = keyHolders;
        }

        public decimal Balance
        {
            get
            {
                Check();
                return _vault.Balance;
            }
        }

        public void Put(decimal amount) => _vault.Put(amount);

        public void Take(decimal amount)
        {
            Check();
            _vault.Take(amount);
        }

        private void Check()
        {
            if (!_keyHolders.Contains(_user)) throw new UnauthorizedAccessException(_user);
        }
    }

    public class Teller
    {
        private readonly IVault _vault;
        public Teller(IVault vault) => _vault = vault;

        public decimal Pay(decimal amount)
        {
            _vault.Take(amount);
            return _vault.Balance;
        }
    }

    public static class Program
    {
        public static void Main()
        {
            var vault = new GuardedVault(new Vault(), "ines", new HashSet<string> { "ines" });
            vault.Put(100);
            Console.WriteLine(new Teller(vault).Pay(40));
        }
    }
}
