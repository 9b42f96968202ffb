require_relative 'galley'

class Mess
  def initialize(galley)
    @galley = galley
  end

  def lunch
    [@galley.soup.serve, @galley.bread.slice].join(' with ')
  end
end

puts Mess.new(ENV['SOUTH'] ? SouthernGalley.new : NorthernGalley.new).lunch
