require_relative 'route'

class Planner
  def night_line
    RouteBuilder.new('N1').via('market').via('hospital').express.build
  end
end
