class Roster
  include Enumerable

  attr_reader :pilots

  def initialize
    @pilots = []
  end

  def sign_on(pilot)
    @pilots.push(pilot)
  end

  def each
    return to_enum(:each) unless block_given?

    @pilots.each { |pilot| yield pilot }
  end
end

class Duty
  def initialize(roster)
    @roster = roster
  end

  def tonight
    @roster.pilots.last
  end

  def names
    @roster.map(&:to_s)
  end
end

roster = Roster.new
roster.sign_on('Ines')
Duty.new(roster).tonight
