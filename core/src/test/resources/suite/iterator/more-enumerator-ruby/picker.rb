require_relative 'orchard'

class Picker
  def first_two(orchard)
    trees = orchard.each
    [trees.next, trees.next]
  end
end
