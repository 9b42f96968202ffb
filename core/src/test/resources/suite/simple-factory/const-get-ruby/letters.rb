class Letter
  def body
    raise NotImplementedError
  end
end

class Invitation < Letter
  def body
    'please come'
  end
end

class Refusal < Letter
  def body
    'we are sorry'
  end
end

class Letters
  KINDS = { 'invitation' => Invitation, 'refusal' => Refusal }.freeze

  def self.write(kind)
    KINDS.fetch(kind).new
  end
end
