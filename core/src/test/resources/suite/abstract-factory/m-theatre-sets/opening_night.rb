require_relative "director"

evening = ARGV.first == "court" ? CourtWorkshop.new : TavernWorkshop.new
puts StageDirector.new(evening).prepare(3)
