module Steam
  module_function

  def clean(carpet)
    carpet.wet = true
  end
end

module Powder
  extend self

  def clean(carpet)
    carpet.dust = false
  end
end

class Cleaner
  def initialize(way)
    @way = way
  end

  def run(carpets)
    carpets.each { |carpet| @way.clean(carpet) }
  end
end

Cleaner.new(Steam).run([])
Cleaner.new(Powder).run([])
