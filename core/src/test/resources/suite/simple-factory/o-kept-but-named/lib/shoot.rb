require_relative "lens_case"

class Shoot
  def initialize(lens_case)
    @lens_case = lens_case
  end

  def take(kinds)
    kinds.map { |kind| @lens_case.find(kind).focus }
  end
end

puts Shoot.new(Optics::LensCase.new).take([:wide, :tele])
