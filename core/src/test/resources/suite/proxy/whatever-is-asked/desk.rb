require_relative "archive"

class Desk
  def initialize(archive)
    @archive = archive
  end

  def answer(ship)
    "#{@archive.find(ship).join('; ')} of #{@archive.size}"
  end
end

puts Desk.new(LateArchive.new("/cellar/cards")).answer("Aurora")
