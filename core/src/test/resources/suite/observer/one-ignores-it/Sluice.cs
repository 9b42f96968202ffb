using System.Collections.Generic;

namespace Aldera.Lock
{
    public interface ILevelFollower
    {
        void LevelIs(double metres);
    }

    public class Sluice
    {
        private readonly List<ILevelFollower> _followers = new List<ILevelFollower>();
        private double _level;

        public void Follow(ILevelFollower f) => _followers.Add(f);
        public void Unfollow(ILevelFollower f) => _followers.Remove(f);

        public void Fill(double metres)
        {
            _level += metres;
            Report();
        }

        public void Drain(double metres)
        {
            _level -= metres;
        }

        private void Report()
        {
            foreach (var f in _followers)
            {
                f.LevelIs(_level);
            }
        }
    }

    public class GateLamp : ILevelFollower
    {
        public bool Green { get; private set; }
        public void LevelIs(double metres) => Green = metres > 3;
    }

    public class Dummy : ILevelFollower
    {
        public void LevelIs(double metres) { }
    }
}
