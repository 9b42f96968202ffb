class TideGate
  def initialize; @open = false; end
  def raise_gate; @open = true; end
end
class PumpHouse
  def initialize(desk = nil); @desk = desk; @litres = 0; end
  def drain(litres)
    @litres += litres
    @desk&.busy!
  end
end
class DryDockLog
  def initialize; @lines = []; end
  def write(line); @lines << line; end
end
