class Backwards
  include Enumerable

  attr_accessor :reverse
  private :reverse

  def initialize(letters, reverse: false)
    @letters = letters
    @reverse = reverse
  end

  def each(&block)
    return @letters.reverse.each(&block) if reverse

    @letters.each(&block)
  end
end

class Alphabet
  attr_accessor :letters
  private :letters

  def initialize(letters = [])
    @letters = letters
  end

  def iterator
    Backwards.new(@letters)
  end

  def reverse_iterator
    Backwards.new(@letters, reverse: true)
  end

  def add(letter)
    @letters << letter
  end
end

alphabet = Alphabet.new
alphabet.add('a')
alphabet.add('b')
alphabet.iterator.each { |letter| puts letter }
alphabet.reverse_iterator.each { |letter| puts letter }
