class Ceremony
  def hold
    [open, speak, close].join("\n")
  end

  def open
    'bells'
  end

  def speak
    raise NotImplementedError
  end

  def close
    'bells again'
  end
end

class Wedding < Ceremony
  def speak
    'I do'
  end
end

class Funeral < Ceremony
  def speak
    'farewell'
  end

  def hold
    speak
  end
end
