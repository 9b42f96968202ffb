namespace Aldera.Surveys
{
    public class Survey
    {
        public string Title { get; init; } = "";
    }

    public abstract class Survey<TSubject>
    {
        public bool Run(TSubject subject)
        {
            if (!IsDue(subject))
            {
                return false;
            }
            Inspect(subject);
            return true;
        }

        protected abstract bool IsDue(TSubject subject);

        protected abstract void Inspect(TSubject subject);
    }
}
