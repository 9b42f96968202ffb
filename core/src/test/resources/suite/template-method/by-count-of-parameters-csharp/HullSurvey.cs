namespace Aldera.Surveys
{
    public class Hull
    {
        public int Years { get; set; }
        public bool Sound { get; set; }
    }

    public class HullSurvey : Survey<Hull>
    {
        protected override bool IsDue(Hull subject) => subject.Years > 4;

        protected override void Inspect(Hull subject)
        {
            subject.Sound = true;
            subject.Years = 0;
        }
    }

    public class Crane
    {
        public int Lifts { get; set; }
    }

    public class CraneSurvey : Survey<Crane>
    {
        protected override bool IsDue(Crane subject) => subject.Lifts > 900;

        protected override void Inspect(Crane subject) => subject.Lifts = 0;
    }
}
