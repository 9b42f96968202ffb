class Manifest
  include Enumerable
  Item = Struct.new(:name, :tonnes)
  def initialize; @items = []; end
  def add(name, tonnes); @items << Item.new(name, tonnes); self; end
  def each
    return enum_for(:each) unless block_given?
    @items.each { |item| yield item }
  end
end
class Customs
  def heavy(manifest) = manifest.select { |item| item.tonnes > 10 }.map(&:name)
  def first(manifest) = manifest.each.next
end
