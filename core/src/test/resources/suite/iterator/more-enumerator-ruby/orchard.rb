class Orchard
  include Enumerable

  def initialize(rows)
    @rows = rows
  end

  def each
    return to_enum(:each) unless block_given?

    @rows.each do |row|
      row.each { |tree| yield tree }
    end
  end
end
