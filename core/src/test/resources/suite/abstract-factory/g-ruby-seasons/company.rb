require_relative "seasons"

class Company
  def initialize(season)
    @season = season
  end

  def day(hours, people)
    sailings = @season.timetable.sailings(hours)
    income = @season.fare.cents(people)
    [sailings, income]
  end
end

Company.new(SummerSeason.new).day(10, 200)
Company.new(WinterSeason.new).day(8, 40)
Company.new(StormSeason.new).day(2, 1)
