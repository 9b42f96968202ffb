class Greenhouse
  attr_reader :warmth

  def initialize
    @warmth = 18
    @vents = :closed
    @water = 0
  end

  def tune(warmth:, vents:, water:)
    @warmth = warmth
    @vents = vents
    @water = water
  end

  def save
    Settings.new(@warmth, @vents)
  end

  def restore(settings)
    settings.apply_to(self)
  end

  def take(warmth, vents)
    @warmth = warmth
    @vents = vents
  end

  class Settings
    def initialize(warmth, vents)
      @warmth = warmth
      @vents = vents
      freeze
    end

    def apply_to(house)
      house.take(@warmth, @vents)
    end
  end
end
