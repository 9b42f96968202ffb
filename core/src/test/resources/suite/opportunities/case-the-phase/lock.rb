class LockChamber
  attr_reader :level

  def initialize
    @phase = :low
    @level = 0
  end

  def next_phase
    @phase =
      case @phase
      when :low then :filling
      when :filling then :high
      when :high then :draining
      else :low
      end
  end

  def may_open_upper?
    case @phase
    when :high then true
    when :low, :filling, :draining then false
    end
  end

  def light
    case @phase
    when :filling, :draining
      "red"
    when :low
      "green below"
    else
      "green above"
    end
  end
end
