class PortError < StandardError
  attr_reader :code
  def initialize(message, code); super(message); @code = code; end
end
class Full < PortError
  def initialize; super('no berth', 1); end
end
class TooDeep < PortError
  def initialize(draught); super("draught #{draught}", 2); end
end
class Allocation
  def initialize(berths); @berths = berths; end
  def place(ship)
    raise TooDeep.new(ship[:draught]) if ship[:draught] > 9
    berth = @berths.find { |b| b[:free] } or raise Full
    berth[:free] = false
    berth[:name]
  rescue PortError => e
    "refused (#{e.code})"
  end
end
