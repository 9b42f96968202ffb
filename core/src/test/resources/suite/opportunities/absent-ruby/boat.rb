class Boat
  def initialize(radio = nil)
    @radio = radio
    @log = []
  end

  def leave
    @radio.say('leaving') if @radio
    @log << 'left'
  end

  def arrive
    @radio&.say('arrived')
    @log << 'arrived'
  end

  def drift
    return unless @radio

    @radio.say('mayday')
  end
end

class Radio
  def initialize
    @sent = []
  end

  def say(text)
    @sent << text
  end
end

Boat.new(Radio.new).leave
