class SpeakerOutput
  def emit(wave)
    @last = wave.size
  end

  def latency
    12
  end
end

class FileOutput
  def initialize(path)
    @path = path
    @samples = []
  end

  def emit(wave)
    @samples.concat(wave)
  end

  def latency
    0
  end
end
