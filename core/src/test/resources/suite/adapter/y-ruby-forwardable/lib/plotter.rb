# From a library for workshops: pens and strokes.
class PenPlotter
  attr_reader :status

  def initialize(port)
    @port = port
    @status = :idle
  end

  def pen_down
    @status = :drawing
  end

  def stroke(line)
    $stdout.write("#{@port}: #{line}\n")
  end

  def pen_up
    @status = :idle
  end
end
